<?php

declare(strict_types=1);

namespace Regimen\Formats\Json;

use Regimen\Figures\Workings;
use Regimen\Forecast\LongestChain;
use Regimen\Inspection\Target;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Clash;
use Regimen\Route\Link;
use Regimen\Route\Operation;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Route;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Schedule\Search\CriticalPath;

/** A derived route as JSON: times in minutes, every link with its reason. */
final class RouteFile
{
    public static function write(Route $route, Workings $workings, Tolerances $tolerances): string
    {
        $gates = GateBook::for($workings, $tolerances);
        $critical = LongestChain::through($route);

        return json_encode([
            'format' => 'regimen-route',
            'version' => 1,
            'instrument' => $workings->specification->inOneLine(),
            'totals' => [
                'operations' => count($route->operations),
                'setUpMinutes' => $route->setUps()->minutes,
                'labourMinutes' => self::threePoint($route->hours()),
                'longestChainMinutes' => $critical->length,
                'longestChain' => $critical->critical(),
            ],
            'operations' => array_map(
                static fn (Operation $operation): array => self::operation($operation, $gates, $critical),
                $route->operations,
            ),
            'links' => array_map(self::link(...), $route->links),
            'clashes' => array_map(static fn (Clash $clash): string => $clash->words(), $route->clashes),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private static function operation(Operation $operation, GateBook $gates, CriticalPath $critical): array
    {
        return [
            'key' => $operation->key,
            'name' => $operation->name,
            'stage' => $operation->standard->stage->value,
            'why' => $operation->why,
            'rule' => $operation->rule,
            'way' => $operation->standard->way,
            'setUpMinutes' => $operation->setUp->minutes,
            'labourMinutes' => self::threePoint($operation->hours),
            'drivenBy' => $operation->drivenBy,
            'holdMinutes' => $operation->hold->minutes,
            'holdKind' => $operation->holdKind?->value,
            'skill' => $operation->standard->skill->value,
            'station' => $operation->standard->station,
            'fixture' => $operation->standard->fixture === null
                ? null
                : ['key' => $operation->standard->fixture, 'count' => $operation->standard->fixtures],
            'pieces' => array_map(static fn (Piece $piece): string => $piece->value, $operation->pieces),
            'parts' => $operation->needs,
            'sharesSetUpBy' => $operation->setUpKey === '' ? null : $operation->setUpKey,
            'oneSitting' => $operation->standard->oneSitting,
            'helpedMinutes' => $operation->hands,
            'machineAloneMinutes' => $operation->alone,
            'slackMinutes' => $critical->totalFloat($operation->key),
            'gate' => array_map(static fn (Target $target): array => [
                'what' => $target->what, 'with' => $target->how, 'target' => $target->words, 'low' => $target->low,
                'high' => $target->high, 'unit' => $target->unit,
            ], $gates->after($operation->key)),
            'cautions' => array_map(static fn (Caution $caution): string => $caution->words(), $operation->cautions),
        ];
    }

    /** @return array<string, mixed> */
    private static function link(Link $link): array
    {
        return [
            'before' => $link->before, 'after' => $link->after, 'reason' => $link->reason, 'rule' => $link->rule,
            'spoils' => $link->spoils === '' ? null : $link->spoils, 'windowMinutes' => $link->window?->minutes,
        ];
    }

    /** @return array{best: int, likely: int, worst: int} */
    private static function threePoint(ThreePoint $hours): array
    {
        return [
            'best' => $hours->best->minutes, 'likely' => $hours->likely->minutes, 'worst' => $hours->worst->minutes,
        ];
    }
}
