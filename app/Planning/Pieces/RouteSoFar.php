<?php

declare(strict_types=1);

namespace App\Planning\Pieces;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Support\Clock;
use Illuminate\Support\Collection;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\StepKey;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;
use Regimen\Units\Duration;

/** How far a build’s route is, as the core looks at its pieces. */
final readonly class RouteSoFar
{
    public function __construct(private Clock $clock)
    {
    }

    /** @return list<Step> */
    public function of(Build $build): array
    {
        return $this->from(Operation::query()->where('build_id', $build->id)->with('runningClocks')
            ->withSum('timeEntries as worked_minutes', 'minutes')->orderBy('position')->get()->toBase());
    }

    /**
     * Of all builds in the making, in a few statements.
     *
     * @return array<int, list<Step>> by build
     */
    public function ofOpenBuilds(): array
    {
        $open = Operation::query()->whereIn('build_id', Build::query()->open()->select('id'))->with('runningClocks')
            ->withSum('timeEntries as worked_minutes', 'minutes')->orderBy('position')->get()->toBase();

        return $open->groupBy('build_id')->map(fn (Collection $operations): array => $this->from($operations))->all();
    }

    /**
     * @param  Collection<int, Operation>  $operations  with what was worked on them and their running clocks
     * @return list<Step>
     */
    public function from(Collection $operations): array
    {
        $now = $this->clock->now();

        return array_values($operations->map(static fn (Operation $one): Step => new Step(
            $one->key, $one->name, $one->stage, $one->pieces, $one->state, $one->hold_kind, Duration::ofMinutes($one->workMinutes()),
            Duration::ofMinutes($one->minutesWorkedBy($now)), self::uses($one),
        ))->all());
    }

    public function thing(Build $build, PieceKind $kind): Thing
    {
        return Thing::of($kind, $this->of($build));
    }

    /** @return list<\Regimen\Parts\PartGroup> */
    private static function uses(Operation $one): array
    {
        $key = StepKey::reworked($one->key) ?? $one->key;
        $known = Operations::find($key) ?? Operations::find(StepKey::whole($key) ?? '');

        return array_values(array_unique([...$one->needs, ...$known === null ? [] : Operations::entry($known)->usesUp], SORT_REGULAR));
    }
}
