<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\Build;
use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\Forecast;
use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Pages\Forecast\ChanceDay;
use App\Pages\Forecast\ChanceProps;
use App\Pages\Forecast\RaiseLine;
use App\Planning\House\House;
use App\Queries\Build\BuildStrip;
use App\Queries\Build\OpenBuilds;
use App\Queries\Plan\Placement;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Carbon\CarbonImmutable;

/** One promise: how sure it is, what it hangs on, what would raise its chance. */
final readonly class ChancePage
{
    private const MOST = 8;

    public function __construct(private OpenBuilds $builds, private Hangs $hangs, private HonestWords $honest, private Buffers $buffers, private House $house, private Clock $clock)
    {
    }

    public function data(Build $build): ChanceProps
    {
        $build->loadMissing('client');
        $forecast = Forecast::newest();
        $own = $forecast === null ? null : BuildForecast::query()->where('forecast_id', $forecast->id)->where('build_id', $build->id)->first();
        $days = $this->days($own);
        $zone = $this->house->zone();
        $wanted = (int) round($this->house->shop()->promise_chance / 10);
        $open = $this->builds->all()->firstWhere('id', $build->id);
        [$from, $to] = $this->stretch($own, $build);

        return new ChanceProps(
            number: $build->number, title: $build->title, client: $build->client->name ?? '', promisedOn: $build->promised_on,
            headline: ChanceWords::headline($build, $own, $days, $this->house->hours(), $wanted),
            under: $own === null ? 'The shop is run some hundred times, with hours, glue, parts and setbacks as they have come here; nobody waits for it.'
                : 'From '.number_format($forecast->runs ?? 0).' runs of the whole shop with hours, glue, parts and setbacks as they have really come here.',
            standing: $this->standing($forecast), madeAt: $forecast?->instant('made_at'), from: $from->toIso8601ZuluString(), to: $to->toIso8601ZuluString(),
            promiseAt: $build->promised_on === null ? null : Placement::iso(Minutes::endOfDay($build->promised_on, $zone)),
            by50: self::day($own?->by50, $zone), by80: self::day($own?->by80, $zone), by95: self::day($own?->by95, $zone),
            chance: $own?->chance === null ? null : (int) round($own->chance / 10), wanted: $wanted, days: $days, free: $this->free($from, $to),
            strip: $open === null ? [] : BuildStrip::marks($this->builds->placements($open)),
            hangs: $own === null ? [] : $this->hangs->lines($own, $build),
            raises: $forecast === null || $own?->chance === null ? [] : $this->raises($forecast, $own, $build, $days),
            raising: $forecast->helps_state ?? HelpState::None,
            buffer: $this->buffers->of($build, $own), honest: $this->honest->all(), version: $build->version,
        );
    }

    /** Whether the plan in force has its chances. */
    private function standing(?Forecast $newest): HelpState
    {
        $plan = (int) Plan::query()->max('id');
        if ($newest?->plan_id === $plan) {
            return HelpState::Done;
        }

        return Forecast::query()->where('plan_id', $plan)->first()->state ?? HelpState::None;
    }

    /** @return list<ChanceDay> */
    private function days(?BuildForecast $own): array
    {
        $days = [];
        foreach ($own->days ?? [] as $day => $runs) {
            $days[] = new ChanceDay((string) $day, $runs);
        }

        return $days;
    }

    /** @return array{CarbonImmutable, CarbonImmutable} what is drawn: from last Monday until a week after nearly all runs are over */
    private function stretch(?BuildForecast $own, Build $build): array
    {
        $from = $this->clock->now()->setTimezone($this->house->zone())->startOfWeek();
        $last = $own->by95 ?? $from->addWeeks(4);
        if ($build->promised_on !== null) {
            $last = $last->max(CarbonImmutable::parse($build->promised_on, $this->house->zone())->addDay());
        }

        return [$from, $last->setTimezone($this->house->zone())->startOfWeek()->addWeeks(2)];
    }

    /** @return list<array{string, string}> */
    private function free(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $free = [];
        for ($day = $from; $day < $to; $day = $day->addDay()) {
            if ($this->house->hours()->on($day->format('Y-m-d')) === []) {
                $free[] = [$day->toIso8601ZuluString(), $day->addDay()->toIso8601ZuluString()];
            }
        }

        return $free;
    }

    /**
     * @param  list<ChanceDay>  $days
     * @return list<RaiseLine> the most helpful first; a later promise comes last
     */
    private function raises(Forecast $forecast, BuildForecast $own, Build $build, array $days): array
    {
        $lines = [];
        $before = (int) round((int) $own->chance / 10);
        foreach ($forecast->helps as $help) {
            $chances = $help['chances'][$build->id] ?? null;
            if ($chances !== null) {
                // Tried with fewer runs: what it gains is what counts, not where it begins.
                $gain = (int) round(($chances[1] - $chances[0]) / 10);
                $lines[] = new RaiseLine($help['words'], $help['kind'], $before, min(100, $before + $gain), $help['change']);
            }
        }
        usort($lines, static fn (RaiseLine $a, RaiseLine $b): int => $b->after <=> $a->after);
        $later = ChanceWords::laterPromises($build, $days, $this->house->hours());

        return [...array_slice($lines, 0, self::MOST - count($later)), ...array_map(static fn (array $one): RaiseLine => new RaiseLine(
            'promise '.Say::day($one['day']), 'promise', $before, $one['percent'],
            ['kind' => 'promise', 'build' => $build->number, 'promised_on' => $one['day'], 'promise_kind' => $build->promise_kind->value],
        ), array_filter($later, static fn (array $one): bool => $one['percent'] > $before))];
    }

    private static function day(?CarbonImmutable $instant, \DateTimeZone $zone): ?string
    {
        return $instant?->setTimezone($zone)->format('Y-m-d');
    }
}
