<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\People\Person;
use App\Pages\Money\RateProps;
use App\Pages\Money\Row;
use App\Pages\Money\WhyRow;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Queries\Forecast\YearHours;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Costing\ShopRate;
use Regimen\Units\Duration;

/** What an hour has to bring, from what a year costs and which hours can be sold (CALCULATIONS M4). */
final readonly class RatePage
{
    /** Of hours that are paid for until a shop has records of its own (common practice). */
    private const USUAL_SHARE = 0.65;

    /** Recorded hours before the shop’s own share says anything. */
    private const ENOUGH = 200 * 60;

    private const SHARES = [50, 60, 70, 80, 90];

    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(): RateProps
    {
        $shop = $this->house->shop();
        [$share, $because] = $this->share();
        $paid = $this->paid();
        $money = fn (?int $minor): string => $minor === null ? '' : $this->house->money($minor)->plain();
        $known = $shop->year_wages_minor !== null && $shop->year_overhead_minor !== null && $paid->minutes > 0;
        $at = fn (float $of): ShopRate => ShopRate::of($this->house->money((int) $shop->year_wages_minor), $this->house->money((int) $shop->year_overhead_minor), $paid, $of);
        $rate = $known ? $at($share) : null;
        $off = $rate === null ? 0 : $rate->rate->minor - $shop->labour_rate_minor;

        return new RateProps(
            headline: $rate === null ? 'Say what a year costs; then it is known what an hour must bring' : "An hour that is sold must bring {$rate->rate}",
            under: match (true) {
                $rate === null => '',
                $off > 0 => "The house reckons with {$this->house->rate()}: {$this->house->money($off)} too little, before any margin.",
                default => "The house reckons with {$this->house->rate()}, which carries it.",
            },
            version: $shop->version, currency: $shop->currency, wages: $money($shop->year_wages_minor), overhead: $money($shop->year_overhead_minor), share: Say::figure(100 * $share, 0),
            rows: [
                new Row('Hours of a year that are paid for', Say::figure($paid->hours(), 0).' h', 'the hours of all who work here, 52 weeks less five weeks of holidays and ten days of illness and feasts (common practice)'),
                new Row('Share of them that is sold', Say::figure(100 * $share, 0).' %', $because),
                ...$rate === null ? [] : [new Row('Hours that are sold', Say::figure($rate->sold->hours(), 0).' h'), new Row('Wages and overhead of a year', (string) $rate->costs), new Row('An hour that is sold', (string) $rate->rate, 'wages and overhead over the hours that are sold')],
            ],
            shares: $known ? array_map(static fn (int $percent): WhyRow => new WhyRow("{$percent} % sold", Say::figure($at($percent / 100)->sold->hours(), 0).' h', (string) $at($percent / 100)->rate), self::SHARES) : [],
        );
    }

    /** @return array{float, string} the share of recorded hours that were worked on instruments, over the last year and this one */
    private function share(): array
    {
        $year = (int) $this->clock->now()->setTimezone($this->house->zone())->format('Y');
        $kinds = [];
        foreach ([$year - 1, $year] as $of) {
            foreach (YearHours::byKind(YearHours::of($of)) as $kind => $minutes) {
                $kinds[$kind] = ($kinds[$kind] ?? 0) + $minutes;
            }
        }
        $all = array_sum($kinds);
        $sold = ($kinds[YearHours::BUILDING] ?? 0) + ($kinds[YearHours::SET_UP] ?? 0);
        if ($all < self::ENOUGH || $sold === 0) {
            return [self::USUAL_SHARE, 'the usual (common practice), until '.intdiv(self::ENOUGH, 60).' hours are recorded; so far '.Say::figure($all / 60, 0)];
        }

        return [$sold / $all, 'learned: of '.Say::figure($all / 60, 0).' h recorded in '.($year - 1)." and {$year} so many were worked on instruments; mending, losses, errands and interruptions are the rest"];
    }

    /** Forty-five weeks of everybody’s hours. */
    private function paid(): Duration
    {
        $minutes = Person::query()->where('active', true)->with(PersonHours::days())->get()->sum(fn (Person $one): int => $this->house->hoursOf($one)->minutesInAWeek());

        return Duration::ofMinutes(45 * (int) $minutes);
    }
}
