<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Money\HouseTax;
use App\Models\Money\Invoice;
use App\Pages\Invoices\DuePart;
use App\Pages\Money\MoneyProps;
use App\Pages\Money\WeekOfMoney;
use App\Planning\House\House;
use App\Planning\Money\Expected;
use App\Planning\Money\Standing;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** What is owed, what can be asked for now, and what comes in when. */
final readonly class MoneyPage
{
    /** So many weeks are shown, and so many papers. */
    private const WEEKS = 16;

    private const PAPERS = 24;

    public function __construct(private Standing $standing, private Papers $papers, private House $house, private Clock $clock)
    {
    }

    public function data(): MoneyProps
    {
        $zone = $this->house->zone();
        $today = $this->clock->today($zone);
        $owed = $this->standing->owed();
        $expected = $this->standing->expected();
        $sum = (int) $owed->sum(static fn (Invoice $one): int => $one->leftMinor());
        $late = (int) $owed->filter(static fn (Invoice $one): bool => Papers::isLate($one, $today))->sum(static fn (Invoice $one): int => $one->leftMinor());
        $due = array_values(array_filter($expected, static fn (Expected $one): bool => $one->isDue));

        return new MoneyProps(
            headline: $sum === 0 ? 'Nobody owes the shop anything' : "{$this->house->money($sum)} are owed".($late === 0 ? '' : ", {$this->house->money($late)} of it late"),
            under: $due === [] ? 'Nothing is to be invoiced now.' : Say::count(count($due), 'part').' of a price can be invoiced now, '.$this->house->money((int) array_sum(array_map(static fn (Expected $one): int => $one->part->amount_minor, $due))).' together.',
            currency: $this->house->shop()->currency, missing: $this->missing(),
            owed: $this->papers->of($owed, $zone), due: array_map(fn (Expected $one): DuePart => $this->part($one), $due), weeks: $this->weeks($owed, $expected, $today),
            papers: $this->papers->of(Invoice::query()->withPaid()->with(['client:id,name', 'build:id,number,title', 'cancels', 'cancelledBy'])->orderByDesc('id')->limit(self::PAPERS)->get(), $zone), year: (int) substr($today, 0, 4),
        );
    }

    private function missing(): string
    {
        return match (true) {
            trim($this->house->shop()->seller['name'] ?? '') === '' => 'Before the first invoice say who sells: name, address, tax number.',
            HouseTax::query()->doesntExist() => 'Before the first invoice say which tax is on a price, for each country you sell to.',
            default => '',
        };
    }

    private function part(Expected $one): DuePart
    {
        $part = $one->part;

        return new DuePart($part->id, $part->build->number, $part->build->title, $part->build->client->name ?? '', $part->what, (string) $this->house->money($part->amount_minor), $part->amount_minor, $part->words(), $one->isDue);
    }

    /**
     * @param  Collection<int, Invoice>  $owed
     * @param  list<Expected>  $expected
     * @return list<WeekOfMoney>
     */
    private function weeks(Collection $owed, array $expected, string $today): array
    {
        $sums = $of = [];
        $first = CarbonImmutable::parse($today)->startOfWeek()->toDateString();
        $last = CarbonImmutable::parse($first)->addWeeks(self::WEEKS)->toDateString();
        $add = static function (?string $on, int $minor, string $words) use (&$sums, &$of, $today, $first, $last): void {
            $key = match (true) {
                $on === null || $on >= $last => 'later',
                $on < $today => 'before',
                default => max($first, CarbonImmutable::parse($on)->startOfWeek()->toDateString()),
            };
            $sums[$key] = ($sums[$key] ?? 0) + $minor;
            $of[$key][] = $words;
        };
        foreach ($owed as $one) {
            $add($one->due_on, $one->leftMinor(), "{$one->number}, No. {$one->build->number}: {$this->house->money($one->leftMinor())}");
        }
        foreach ($expected as $one) {
            $add($one->paid, $one->part->amount_minor, "{$one->part->what}, No. {$one->part->build->number}: {$this->house->money($one->part->amount_minor)}, not invoiced yet");
        }
        $most = $sums === [] ? 1 : max(1, ...array_values($sums));
        $weeks = [];
        $keys = isset($sums['before']) ? ['before'] : [];
        for ($week = CarbonImmutable::parse($first), $at = 0; $at < self::WEEKS; $at++, $week = $week->addWeek()) {
            $keys[] = $week->toDateString();
        }
        foreach ([...$keys, ...isset($sums['later']) ? ['later'] : []] as $key) {
            $minor = $sums[$key] ?? 0;
            $weeks[] = new WeekOfMoney(strlen($key) === 10 ? $key : '', match ($key) {
                'before' => 'due before today', 'later' => 'later, or nobody can say', default => 'week of '.Say::day($key)
            }, $minor === 0 ? '' : (string) $this->house->money($minor), max(0.0, round($minor / $most, 4)), $of[$key] ?? []);
        }

        return $weeks;
    }
}
