<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Pages\Money\RateProps;
use App\Pages\Money\Row;
use App\Pages\Money\WhyRow;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Costing\ShopRate;
use Regimen\Units\Duration;

/** What an hour has to bring, from what a year costs and which hours can be sold (CALCULATIONS M4). */
final readonly class RatePage
{
    /** Of hours that are paid for until a shop has records of its own (common practice). */
    private const USUAL_SHARE = 0.65;

    /** Recorded hours before the shop’s own share says anything. */
    private const ENOUGH = 200 * 60;

    private const ENOUGH_DAYS = 180;

    private const SHARES = [30, 50, 65, 80, 90];

    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(): RateProps
    {
        $shop = $this->house->shop();
        $paid = $this->paid();
        [$share, $because] = $this->share($paid);
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

    /** @return array{float, string} the share of paid hours that was worked on instruments, over the last year or since the first record */
    private function share(Duration $paid): array
    {
        $today = CarbonImmutable::parse($this->clock->today($this->house->zone()));
        $from = max($today->subYear()->toDateString(), (string) TimeEntry::query()->whereNull('struck_at')->min('worked_on'));
        $sold = (int) TimeEntry::query()->whereNull('struck_at')->whereNull('setback_id')->whereRelation('operation', 'setback_id', null)->where('worked_on', '>=', $from)->sum('minutes');
        $days = CarbonImmutable::parse($from)->diffInDays($today);
        if ($sold < self::ENOUGH || $days < self::ENOUGH_DAYS || $paid->minutes === 0) {
            return [self::USUAL_SHARE, 'the usual (common practice), until '.intdiv(self::ENOUGH, 60).' hours in half a year are recorded; so far '.Say::figure($sold / 60, 0)];
        }
        $share = min(1.0, $sold / ($paid->minutes * $days / 365));

        return [$share, 'learned: '.Say::figure($sold / 60, 0).' h were worked on instruments since '.Say::dayAndYear($from).'; mending, losses, errands, visitors and what nobody wrote down are the rest'];
    }

    /** Forty-five weeks of everybody’s hours. */
    private function paid(): Duration
    {
        $minutes = Person::query()->where('active', true)->with(PersonHours::days())->get()->sum(fn (Person $one): int => $this->house->hoursOf($one)->minutesInAWeek());

        return Duration::ofMinutes(45 * (int) $minutes);
    }
}
