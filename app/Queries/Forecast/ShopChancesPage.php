<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\Forecast;
use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Models\Plan\PlannedFinish;
use App\Pages\Forecast\BuildChanceLine;
use App\Pages\Forecast\MonthToCome;
use App\Pages\Forecast\ShopChancesProps;
use App\Planning\Forecast\ShopDoubts;
use App\Planning\House\House;
use App\Support\Say;
use Carbon\CarbonImmutable;

/** All promises together, what the months bring, and when the next one could be ready. */
final readonly class ShopChancesPage
{
    public function __construct(private House $house, private ShopDoubts $doubts, private Hangs $hangs)
    {
    }

    public function data(): ShopChancesProps
    {
        $forecast = Forecast::newest();
        $plan = (int) Plan::query()->max('id');
        $rows = $forecast === null ? collect() : BuildForecast::query()->where('forecast_id', $forecast->id)->with('build')->get()->sortBy(static fn (BuildForecast $one): int => $one->build->number)->values()->toBase();
        $planned = PlannedFinish::query()->where('plan_id', $plan)->get()->keyBy('build_id');
        $firsts = $this->hangs->firsts($rows->all());
        $promised = $rows->filter(static fn (BuildForecast $one): bool => $one->chance !== null);
        $zone = $this->house->zone();

        return new ShopChancesProps(
            headline: self::headline($forecast, $promised->count(), $promised->filter(static fn (BuildForecast $one): bool => (int) $one->chance < 500)->count()),
            under: $forecast === null ? 'The shop is run some hundred times through the same plan, with hours, glue, parts and setbacks as they have come here; nobody waits for it.'
                : 'From '.number_format($forecast->runs).' runs of the whole shop through the plan in force. The house promises what holds in '.intdiv($this->house->shop()->promise_chance, 10).' of 100.',
            standing: $forecast?->plan_id === $plan ? HelpState::Done : Forecast::query()->where('plan_id', $plan)->first()->state ?? ($plan === 0 ? HelpState::Done : HelpState::None),
            madeAt: $forecast?->instant('made_at'), wanted: intdiv($this->house->shop()->promise_chance, 10),
            builds: array_values($rows->map(fn (BuildForecast $one): BuildChanceLine => new BuildChanceLine(
                $one->build->number, $one->build->title, $one->build->promised_on, self::dayOf($planned->get($one->build_id)?->finish, $zone),
                self::day($one->by50, $zone), self::day($one->by80, $zone), self::day($one->by95, $zone), $one->chance === null ? null : (int) round($one->chance / 10), $firsts[$one->build_id] ?? '',
            ))->all()),
            months: array_map(fn (array $one): MonthToCome => new MonthToCome($one['month'], $one['hours'], array_map(fn (int $minor): string => $this->house->money($minor)->plain(), $one['money'])), $forecast->months ?? []),
            slot: self::slot($forecast), currency: $this->house->shop()->currency, learned: $this->learned(),
        );
    }

    private static function headline(?Forecast $forecast, int $promised, int $unlikely): string
    {
        if ($forecast === null) {
            return 'The chances are not worked out yet';
        }
        if ($promised === 0) {
            return 'Nothing is promised; these are the dates';
        }
        $together = intdiv((int) $forecast->all_kept, 10);

        return ($unlikely === 0 ? 'Every promise is more likely kept than not' : ($unlikely === 1 ? 'One promise is' : "{$unlikely} promises are").' more likely broken than kept')
            .($promised === 1 ? '' : '; all together hold in '.($together < 1 ? 'less than one' : $together).' of 100 runs');
    }

    private static function slot(?Forecast $forecast): string
    {
        $slot = $forecast?->slot;
        if ($slot === null || $slot['by80'] === '') {
            return '';
        }

        return "A {$slot['model']} ({$slot['hours']} h) commissioned now, behind everything promised, is ready in half of the runs by ".Say::day($slot['by50']).', in eight of ten by '.Say::day($slot['by80'])
            .($slot['by95'] === '' ? '.' : ', in 95 of 100 by '.Say::day($slot['by95']).'.');
    }

    private function learned(): string
    {
        $ratios = $this->doubts->ratios();
        $shop = $ratios->shop();

        return $shop->n === 0
            ? 'No operation has hours yet: this is worked out from the house’s three points alone, and says so until there are some.'
            : 'Learned from '.Say::count($shop->n, 'operation').' with hours: work takes '.number_format($shop->median(), 2).' × what is estimated, eight of ten between '
                .number_format($shop->interval(0.8)[0], 2).' × and '.number_format($shop->interval(0.8)[1], 2).' ×. '.Say::count(count($ratios->outliers), 'job is', 'jobs are').' kept out, with a reason, under House standards.';
    }

    private static function dayOf(?string $instant, \DateTimeZone $zone): ?string
    {
        return $instant === null ? null : CarbonImmutable::parse($instant, 'UTC')->setTimezone($zone)->format('Y-m-d');
    }

    private static function day(?CarbonImmutable $instant, \DateTimeZone $zone): ?string
    {
        return $instant?->setTimezone($zone)->format('Y-m-d');
    }
}
