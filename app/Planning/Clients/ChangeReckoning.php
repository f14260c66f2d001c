<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\SpecificationRevision;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Planning\Plan\Outlooks;
use App\Planning\Plan\Planner;
use App\Planning\Plan\ShopDatabase;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Costing\Quote;
use Regimen\Forecast\Progress;
use Regimen\Revision\MadeAlready;
use Regimen\Route\OperationState;
use Regimen\Units\Duration;

/**
 * A change as the difference of two complete reckonings (CALCULATIONS M6): route, kit and plan as they stand today, and with it,
 * tried in a copy of the shop.
 */
final readonly class ChangeReckoning
{
    public function __construct(private RouteSync $sync, private Planner $planner, private ShopDatabase $database, private Drafting $drafting, private House $house, private Clock $clock)
    {
    }

    public function of(Build $build, SpecificationRevision $draft): ChangeReckoned
    {
        $before = Revisions::read($build->specification);
        $after = Revisions::read($draft);
        $impossible = array_map(static fn (MadeAlready $one): string => $one->sentence(), MadeAlready::between($before, $after, self::begun($build)));
        $worked = $this->drafting->draft($after->orFail(), $build);
        $now = $this->state($build);
        try {
            return $this->database->aside(function () use ($build, $worked, $now, $impossible): ChangeReckoned {
                $useless = $this->sync->apply($build, $worked);
                $this->planner->replan('tried');
                $then = $this->state($build->refresh());

                return $this->difference($now, $then, $useless, $impossible, $build);
            });
        } finally {
            $build->refresh();
        }
    }

    /** @return array<string, string> names by key */
    private static function begun(Build $build): array
    {
        return Operation::query()->where('build_id', $build->id)->where('state', '!=', OperationState::Open->value)->pluck('name', 'key')->map(strval(...))->all();
    }

    /** @return array{toDo: array<string, int>, material: int, surplus: int, finishes: array<int, string|null>} as it stands */
    private function state(Build $build): array
    {
        $toDo = [];
        foreach (Operation::query()->where('build_id', $build->id)->whereNull('setback_id')->withSum('timeEntries as worked_minutes', 'minutes')->with('runningClocks')->get() as $one) {
            if (! $one->state->labourIsDone()) {
                $toDo[$one->key] = Progress::remaining(Duration::ofMinutes($one->workMinutes()), Duration::ofMinutes($one->state === OperationState::Open ? 0 : $one->minutesWorkedBy($this->clock->now())))->minutes;
            }
        }
        $kit = KitLine::query()->where('build_id', $build->id)->whereNull('piece_id')->get();
        $finishes = [];
        foreach (PlanEntry::query()->get()->groupBy('build_id') as $id => $entries) {
            $finishes[(int) $id] = Outlooks::finish($entries)?->setTimezone($this->house->zone())->toDateString();
        }

        return [
            'toDo' => $toDo, 'material' => (int) $kit->sum(static fn (KitLine $one): int => $one->costMinor()), 'surplus' => (int) $kit->where('surplus', true)->sum(static fn (KitLine $one): int => $one->costMinor()), 'finishes' => $finishes,
        ];
    }

    /**
     * @param  array{toDo: array<string, int>, material: int, surplus: int, finishes: array<int, string|null>}  $now
     * @param  array{toDo: array<string, int>, material: int, surplus: int, finishes: array<int, string|null>}  $then
     * @param  list<string>  $useless
     * @param  list<string>  $impossible
     */
    private function difference(array $now, array $then, array $useless, array $impossible, Build $build): ChangeReckoned
    {
        $toDo = array_sum($then['toDo']) - array_sum($now['toDo']);
        $material = $then['material'] - $now['material'];
        $net = Quote::compute($this->house->rate()->times($toDo / 60), $this->house->money($material), $this->house->priceRule())->price;

        return new ChangeReckoned(
            $toDo, $this->lost($build), $this->house->money($material), $this->house->money(max(0, $then['surplus'] - $now['surplus'])),
            $net->plus($this->house->tax()->on($net)), $now['finishes'][$build->id] ?? null, $then['finishes'][$build->id] ?? null, self::others($build, $now['finishes'], $then['finishes']), $useless, $impossible,
        );
    }

    /** Worked on what had begun and is not needed any more; what is done and stays is not lost. */
    private function lost(Build $build): int
    {
        $links = $build->operations()->get(['id', 'key', 'position'])->keyBy('key');
        $needed = $this->drafting->draft(Revisions::read($build->draft ?? $build->specification)->orFail(), $build)->route->positions();
        $gone = $links->reject(static fn (Operation $one): bool => isset($needed[$one->key]))->pluck('id');

        return (int) TimeEntry::query()->whereIn('operation_id', $gone)->whereNull('struck_at')->sum('minutes');
    }

    /**
     * @param  array<int, string|null>  $now
     * @param  array<int, string|null>  $then
     * @return list<string> promises of others that it would break
     */
    private static function others(Build $build, array $now, array $then): array
    {
        $words = [];
        foreach (Build::query()->open()->whereKeyNot($build->id)->whereNotNull('promised_on')->orderBy('number')->get() as $other) {
            [$was, $is] = [$now[$other->id] ?? null, $then[$other->id] ?? null];
            if ($is !== null && $is > (string) $other->promised_on && ($was === null || $was <= (string) $other->promised_on)) {
                $words[] = "No. {$other->number} would break its promise of ".Say::day((string) $other->promised_on).': ready '.Say::day($is).'.';
            }
        }

        return $words;
    }
}
