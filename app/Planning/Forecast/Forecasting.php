<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\Forecast\Forecast;
use App\Models\Forecast\GivenForecast;
use App\Models\House\HouseModel;
use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Planning\House\House;
use App\Planning\Plan\Standings;
use App\Planning\Problem\ShopProblem;
use App\Planning\Route\Drafting;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Minutes;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\UnknownPrice;
use Regimen\Forecast\Honesty\Recalibration;
use Regimen\Forecast\Simulation\BuildOutcome;
use Regimen\Forecast\Simulation\Hang;
use Regimen\Forecast\Simulation\Outcome;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Schedule\Time\NoWorkingTime;

/** Runs the plan in force over and over, each time with other hours, holds, lead times and setbacks, and keeps with the plan what came of it. */
final readonly class Forecasting
{
    public const RUNS = 500;

    private const MONTHS = 6;

    private const SLOT_RUNS = 100;

    /** So much of what a build hung on is kept. */
    private const HANGS = 24;

    /** A promise that is older when it is first forecast was given without. */
    private const GIVEN_DAYS = 3;

    public function __construct(
        private ShopProblem $problem,
        private Standings $standings,
        private ShopDoubts $doubts,
        private DraftChances $drafts,
        private BudgetOutlook $budgets,
        private Drafting $drafting,
        private Revisions $revisions,
        private House $house,
        private Clock $clock,
    ) {
    }

    /** Reads the shop, runs it outside of any lock, and keeps what came of it unless there is a newer plan. */
    public function run(Plan $plan): void
    {
        $shop = SimulatedShop::read($this->problem, $this->standings, $this->doubts);
        $months = $this->months();
        $outcome = $shop->outcome(self::RUNS, traced: true, periods: array_map(Minutes::of(...), $months));
        $this->keep($plan, $outcome, $months, $this->slot(), $shop->recalibration);
    }

    /** @return array{model: string, hours: int, by50: string, by80: string, by95: string}|null when an instrument by the house’s own model would be ready if it were commissioned now */
    private function slot(): ?array
    {
        $model = HouseModel::query()->where('is_default', true)->orderBy('id')->first();
        if ($model === null) {
            return null;
        }
        try {
            $draft = $this->drafting->draft(SpecificationReader::read([], $this->revisions->house([], $model->id))->orFail());
            $chances = $this->drafts->of($draft, self::SLOT_RUNS);
        } catch (UnknownPrice|UnknownStandard|NoWorkingTime|\InvalidArgumentException) {
            return null;
        }
        $day = fn (float $share): string => ($instant = $chances?->by($share)) === null ? '' : Minutes::toInstant($instant)->setTimezone($this->house->zone())->format('Y-m-d');

        return $chances === null ? null : ['model' => (string) $model->name, 'hours' => (int) round($draft->route->work()->hours()), 'by50' => $day(0.5), 'by80' => $day(0.8), 'by95' => $day(0.95)];
    }

    /**
     * @param  list<CarbonImmutable>  $months
     * @param  array{model: string, hours: int, by50: string, by80: string, by95: string}|null  $slot
     */
    private function keep(Plan $plan, Outcome $outcome, array $months, ?array $slot, Recalibration $by): void
    {
        $builds = Build::query()->open()->orderBy('number')->get();
        $due = [];
        foreach ($builds as $build) {
            if ($build->promised_on !== null && in_array(BuildId::of($build->id)->number, $outcome->builds(), true)) {
                $due[BuildId::of($build->id)->number] = Minutes::endOfDay($build->promised_on, $this->house->zone());
            }
        }
        DB::transaction(function () use ($plan, $outcome, $months, $slot, $by, $builds, $due): void {
            if (! Plan::query()->whereKey($plan->id)->exists() || Forecast::query()->where('plan_id', '>', $plan->id)->where('state', HelpState::Done->value)->exists()) {
                return;
            }
            Forecast::query()->where('plan_id', '<=', $plan->id)->delete();
            $forecast = Forecast::query()->create([
                'plan_id' => $plan->id, 'state' => HelpState::Done, 'made_at' => $this->clock->now(), 'runs' => $outcome->runs,
                'all_kept' => $due === [] ? null : (int) round(1_000 * $outcome->allKept($due)),
                'months' => $this->byMonth($outcome, $months, $builds), 'helps' => [], 'helps_state' => HelpState::None, 'slot' => $slot,
            ]);
            foreach ($builds as $build) {
                $key = BuildId::of($build->id)->number;
                if (in_array($key, $outcome->builds(), true)) {
                    $one = $outcome->of($key);
                    $forecast->builds()->create($this->row($build, $one, $due[$key] ?? null));
                    $this->given($build, $one, $due[$key] ?? null, $by);
                }
            }
        });
    }

    /** @return array<string, mixed> */
    private function row(Build $build, BuildOutcome $one, ?int $due): array
    {
        $days = [];
        foreach ($one->sorted as $finish) {
            if ($finish !== Outcome::NEVER) {
                $day = Minutes::toInstant($finish)->setTimezone($this->house->zone())->format('Y-m-d');
                $days[$day] = ($days[$day] ?? 0) + 1;
            }
        }

        $hangs = $one->hangs;
        usort($hangs, static fn (Hang $a, Hang $b): int => $b->weight() <=> $a->weight());

        return [
            'build_id' => $build->id, 'by50' => self::instant($one->by(0.5)), 'by80' => self::instant($one->by(0.8)), 'by95' => self::instant($one->by(0.95)),
            'chance' => $due === null || ! $one->isKnown() || $build->route_lacks !== '' ? null : (int) round(1_000 * $one->chance($due)),
            'days' => $days, ...$this->budgets->kept($build),
            'hangs' => array_map(static fn (Hang $hang): array => [
                'kind' => $hang->kind->value, 'key' => $hang->key, 'share' => round($hang->share, 3), 'cruciality' => $hang->cruciality === null ? null : round($hang->cruciality, 3),
            ], array_slice($hangs, 0, self::HANGS)),
        ];
    }

    /** What was forecast when a promise was given, once for each promise. */
    private function given(Build $build, BuildOutcome $one, ?int $due, Recalibration $by): void
    {
        if ($due === null || ! $one->isKnown()) {
            return;
        }
        $last = GivenForecast::query()->where('build_id', $build->id)->where('source', GivenForecast::PROMISE)->latest('id')->first();
        $said = LogEntry::query()->where('build_id', $build->id)->where('kind', 'promise')->max('at');
        $since = max((string) $build->getRawOriginal('ordered_at'), (string) $said);
        if ($last?->promised_on === $build->promised_on || $since < $this->clock->now()->subDays(self::GIVEN_DAYS)->toDateTimeString()) {
            return;
        }
        GivenForecast::query()->create(self::kept($build, $one, $due, $this->clock->now(), GivenForecast::PROMISE, $by));
    }

    /**
     * A forecast as it is kept for what is said later about how good it was.
     *
     * @return array<string, mixed>
     */
    public static function kept(Build $build, BuildOutcome $one, ?int $due, CarbonImmutable $at, string $source, Recalibration $by): array
    {
        $days = ['build_id' => $build->id, 'promised_on' => $build->promised_on, 'given_at' => $at, 'planned_minutes' => $build->estimated_minutes, 'source' => $source, 'shift' => $by->shift, 'scale' => $by->scale];
        foreach ([10, 25, 50, 75, 80, 90, 95] as $share) {
            $days["by{$share}"] = self::instant($one->by($share / 100));
        }

        return [...$days, 'chance' => $due === null ? null : (int) round(1_000 * $one->chance($due))];
    }

    private static function instant(?int $minutes): ?string
    {
        return $minutes === null ? null : Minutes::toInstant($minutes)->toDateTimeString();
    }

    /** @return list<CarbonImmutable> now, and the months that begin after it */
    private function months(): array
    {
        $now = $this->clock->now()->setTimezone($this->house->zone());
        $months = [$now];
        for ($ahead = 1; $ahead <= self::MONTHS; $ahead++) {
            $months[] = $now->startOfMonth()->addMonths($ahead);
        }

        return $months;
    }

    /**
     * @param  list<CarbonImmutable>  $months
     * @param  Collection<int, Build>  $builds
     * @return list<array{month: string, hours: list<int>, money: list<int>}>
     */
    private function byMonth(Outcome $outcome, array $months, Collection $builds): array
    {
        $lines = [];
        foreach (array_slice($months, 0, self::MONTHS) as $at => $month) {
            [$from, $to] = [Minutes::of($month), Minutes::of($months[$at + 1])];
            $money = array_fill(0, $outcome->runs, 0);
            foreach ($builds as $build) {
                $key = BuildId::of($build->id)->number;
                $balance = (int) $build->price_minor - (int) $build->deposit_minor;
                foreach ($balance <= 0 || ! in_array($key, $outcome->builds(), true) ? [] : $outcome->of($key)->finishes as $run => $finish) {
                    $money[$run] += $finish >= $from && $finish < $to ? $balance : 0;
                }
            }
            sort($money);
            $share = static fn (float $of): int => $money[max(0, (int) ceil($of * count($money)) - 1)] ?? 0;
            $lines[] = [
                'month' => $month->format('Y-m'),
                'hours' => array_map(static fn (float $of): int => (int) round($outcome->labour($at, $of) / 60), [0.1, 0.5, 0.9]),
                'money' => array_map($share, [0.1, 0.5, 0.9]),
            ];
        }

        return $lines;
    }
}
