<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\House\Price;
use App\Models\People\Person;
use App\Pages\House\PartLine;
use App\Pages\House\PartsProps;
use App\Pages\House\PriceLine;
use App\Pages\House\SupplierLine;
use App\Planning\House\House;
use App\Planning\Parts\NeededDays;
use App\Planning\Problem\KitWaits;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
use Regimen\Forecast\LeadTime;

/** What is to be ordered and what is expected, over all open builds, and the house price list. */
final readonly class PartsPage
{
    public function __construct(private House $house, private LeadTimes $leads, private NeededDays $needed, private PriceHistory $history, private Clock $clock)
    {
    }

    public function data(Person $viewer): PartsProps
    {
        $lines = KitLine::query()
            ->whereIn('state', [KitState::Needed->value, KitState::Ordered->value])
            ->whereIn('build_id', Build::query()->open()->select('id'))
            ->with('build')
            ->orderBy('build_id')->orderBy('id')
            ->get();

        $history = $viewer->isManager() ? $this->history->all() : [];

        return new PartsProps(
            expected: $this->lines($lines->where('state', KitState::Ordered)->sortBy('expected_on'), $viewer),
            toOrder: $this->lines($lines->where('state', KitState::Needed)->sortByDesc('lead_days'), $viewer),
            prices: $viewer->isManager() ? array_values(Price::query()->orderBy('id')->get()->map(fn (Price $price): PriceLine => new PriceLine(
                id: $price->id,
                name: $price->name,
                unit: $price->unit,
                lead_days: $price->lead_days,
                supplier: $price->supplier,
                version: $price->version,
                cost: $this->house->money($price->cost_minor)->plain(),
                history: $history[$price->id] ?? [],
            ))->all()) : [],
            suppliers: array_map(static fn (string $name, LeadTime $time): SupplierLine => new SupplierLine(
                $name, $time->n, (int) round($time->median()), (int) round($time->ninthDecile()),
            ), array_keys($this->leads->suppliers()), array_values($this->leads->suppliers())),
            today: $this->clock->today($this->house->zone()),
        );
    }

    /** When it is likely now where it is overdue; else until when nine of ten such orders have come. */
    private function likely(KitLine $line, string $today): string
    {
        $time = $this->leads->of($line->supplier, $line->group, $line->lead_days);
        $ordered = $line->ordered_on;

        return match (true) {
            $line->expected_on === null || $ordered === null => '',
            $line->expected_on < $today => 'likely '.Say::day(KitWaits::likely($time, $line->expected_on, $ordered, $line->lead_days, $today)),
            default => 'nine of ten by '.Say::day((new \DateTimeImmutable($ordered))->modify('+'.LeadTimes::wholeDays($time->ninthDecile()).' days')->format('Y-m-d')),
        };
    }

    /**
     * @param  Collection<int, KitLine>  $lines
     * @return list<PartLine>
     */
    private function lines(Collection $lines, Person $viewer): array
    {
        $today = $this->clock->today($this->house->zone());

        return array_values($lines->map(fn (KitLine $line): PartLine => new PartLine(
            id: $line->id,
            name: $line->name,
            quantity: $line->quantity,
            unit: $line->unit,
            supplier: $line->supplier,
            version: $line->version,
            build: $line->build->number,
            title: $line->build->title,
            leadDays: $line->lead_days,
            expectedOn: $line->expected_on,
            neededOn: $this->needed->of($line),
            overdue: $line->expected_on !== null && $line->expected_on < $today,
            cost: $viewer->isManager() ? $this->house->money($line->costMinor())->plain() : null,
            usualDays: (int) round($this->leads->of($line->supplier, $line->group, $line->lead_days)->median()), likely: $this->likely($line, $today),
            orderBy: $line->expected_on === null ? $this->needed->orderBy($line) : null,
        ))->all());
    }
}
