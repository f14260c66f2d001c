<?php

declare(strict_types=1);

namespace App\Planning\Route;

use App\Models\Build\Build;
use App\Models\Build\RouteChange;
use App\Planning\House\House;
use Regimen\Findings\Finding;
use Regimen\Instrument\Specification;
use Regimen\Route\Clash;
use Regimen\Route\Edits\EditedRoute;
use Regimen\Route\Edits\Edits;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Route;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Route\Standards\UnknownStandard;

/** Routes as the house derives them, with what has been changed on one build. */
final readonly class Routes
{
    public function __construct(private House $house)
    {
    }

    /** @throws UnknownStandard */
    public function derive(Specification $specification, Methods $methods): Route
    {
        return RoutePlanner::withAllRules()->plan($specification, $this->house->standards(), $methods);
    }

    /**
     * @param  array<int, array<string, mixed>>|null  $changes  instead of those that are kept
     *
     * @throws UnknownStandard
     */
    public function of(
        Specification $specification,
        ?Build $build,
        ?Methods $methods = null,
        ?array $changes = null,
    ): EditedRoute {
        $derived = $this->derive($specification, $methods ?? $this->house->methods($build));

        return Edits::apply($derived, $changes ?? ($build === null ? [] : self::kept($build)));
    }

    /** @return array<int, array<string, mixed>> by the change's id */
    public static function kept(Build $build): array
    {
        return $build->routeChanges()
            ->get()
            ->mapWithKeys(static fn (RouteChange $change): array => [$change->id => $change->body])
            ->all();
    }

    /** @return list<Finding> rules of the route that clash for this specification */
    public function findings(Specification $specification, ?Build $build): array
    {
        try {
            return array_map(
                static fn (Clash $clash): Finding => $clash->finding(),
                $this->derive($specification, $this->house->methods($build))->clashes,
            );
        } catch (UnknownStandard) {
            return [];
        }
    }
}
