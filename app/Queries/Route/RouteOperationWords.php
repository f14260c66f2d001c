<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Operation as OperationModel;
use App\Pages\Route\GateTarget;
use App\Pages\Route\PlaceInRoute;
use App\Pages\Route\RouteLink;
use App\Pages\Route\RouteOperation;
use App\Pages\Route\RouteWay;
use App\Planning\Problem\Air;
use App\Queries\House\ResourceNames;
use App\Support\Say;
use Regimen\Inspection\Target;
use Regimen\Route\Link;
use Regimen\Route\Operation;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Route;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\Standard;

/** One operation of a route, with everything that it opens to. */
final readonly class RouteOperationWords
{
    public function __construct(private Air $air, private ResourceNames $resources)
    {
    }

    /** @param  list<Target>  $gate */
    public function of(
        Operation $operation,
        Route $route,
        HouseStandards $standards,
        array $gate,
        PlaceInRoute $place,
    ): RouteOperation {
        $stretched = $this->air->stretched($operation->hold->minutes, $operation->holdKind);

        return new RouteOperation(
            $place,
            key: $operation->key,
            name: $operation->name,
            stage: Operations::stageWords($operation->key, $operation->standard->stage),
            why: $operation->why,
            rule: $operation->rule,
            standard: $operation->standard->key,
            own: $operation->isOwn(),
            setUp: $operation->setUp->minutes,
            best: $operation->hours->best->minutes,
            labour: $operation->hours->likely->minutes,
            worst: $operation->hours->worst->minutes,
            drivenBy: $operation->drivenBy,
            hold: $operation->hold->minutes,
            holdNow: $stretched,
            holdWords: $operation->holdKind?->words(),
            way: $operation->standard->way,
            risk: $operation->standard->risk,
            ways: count($standards->ways($operation->standard->key)) < 2
                ? []
                : array_map($this->way(...), $standards->ways($operation->standard->key)),
            tool: $operation->standard->tool->value,
            skill: $operation->standard->skill->value,
            station: $operation->standard->station === null
                ? null
                : $this->resources->of($operation->standard->station),
            fixture: $operation->standard->fixture === null
                ? null
                : (
                    $operation->standard->fixtures > 1 ? "{$operation->standard->fixtures} of the " : ''
                ).$this->resources->of($operation->standard->fixture),
            oneSitting: $operation->standard->oneSitting,
            hands: $operation->hands,
            alone: $operation->alone,
            cautions: Caution::together($operation->cautions),
            gate: array_map(
                static fn (Target $target): GateTarget => new GateTarget(
                    what: $target->what,
                    how: $target->how,
                    words: $target->words,
                ),
                $gate,
            ),
            gateShort: Operations::gateAfter($operation->key)?->words,
            after: self::after($operation, $route),
            useless: false,
        );
    }

    /** An operation that has been worked and is not needed any more. */
    public function useless(OperationModel $row, PlaceInRoute $place): RouteOperation
    {
        return new RouteOperation(
            $place,
            key: $row->key,
            name: $row->name,
            stage: Operations::stageWords($row->key, $row->stage),
            why: 'It was on the route once; '.Say::duration((int) $row->worked_minutes).' were worked on it.',
            rule: '',
            standard: $row->standard,
            own: false,
            useless: true,
            setUp: $row->set_up_minutes,
            best: $row->best_minutes,
            labour: $row->labour_minutes,
            worst: $row->worst_minutes,
            drivenBy: '',
            hold: $row->hold_minutes,
            holdNow: $row->hold_minutes,
            holdWords: null,
            way: $row->way,
            risk: '',
            ways: [],
            tool: $row->tool,
            skill: $row->skill,
            station: null,
            fixture: null,
            oneSitting: $row->one_sitting,
            hands: $row->hands_minutes,
            alone: $row->alone_minutes,
            cautions: [],
            gate: [],
            gateShort: null,
            after: [],
        );
    }

    private function way(Standard $standard): RouteWay
    {
        return new RouteWay(
            tool: $standard->tool->value,
            words: $standard->way === '' ? $standard->tool->value : $standard->way,
            setUp: $standard->setUp->minutes,
            labour: $standard->hours->likely->minutes,
            station: $standard->station === null ? null : $this->resources->of($standard->station),
            risk: $standard->risk,
        );
    }

    /** @return list<RouteLink> */
    private static function after(Operation $operation, Route $route): array
    {
        $rows = [];
        foreach ($route->links as $link) {
            $before = $link->after === $operation->key ? $route->find($link->before) : null;
            if ($before !== null) {
                $rows[] = new RouteLink(
                    key: $before->key,
                    name: $before->name,
                    reason: $link->reason,
                    spoils: $link->spoils,
                    rule: $link->rule,
                    window: self::window($link),
                );
            }
        }

        return $rows;
    }

    private static function window(Link $link): ?string
    {
        return $link->window === null ? null : "within {$link->window} after it; later it has to be sanded in first";
    }
}
