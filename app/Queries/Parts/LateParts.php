<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\Supplier;
use App\Models\Plan\PlanEntry;
use App\Pages\Buying\LateHelp;
use App\Pages\Buying\LatePart;
use App\Planning\House\House;
use App\Planning\Parts\Catalogue;
use App\Planning\Parts\NeededDays;
use App\Planning\Plan\Outlooks;
use App\Planning\Problem\KitWaits;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;

/** Parts that have not come on their day: when they are likely now, what they endanger, and what would help. */
final readonly class LateParts
{
    public function __construct(private House $house, private LeadTimes $leads, private NeededDays $needed, private Clock $clock)
    {
    }

    /** @return list<LatePart> */
    public function all(bool $withMoney): array
    {
        $today = $this->clock->today($this->house->zone());
        $open = Build::query()->open()->select('id');
        $late = KitLine::query()->with('build')->where('state', KitState::Ordered->value)->where('surplus', false)->where('expected_on', '<', $today)
            ->whereIn('build_id', $open)->orderBy('expected_on')->orderBy('id')->get();
        if ($late->isEmpty()) {
            return [];
        }
        $parts = Part::query()->kept()->with(['offers.supplier', 'lots', 'alternatives.lots', 'alternatives.offers.supplier'])->whereIn('group', $late->map(static fn (KitLine $one): string => $one->group->value)->unique())->get();
        $there = KitLine::query()->with('build')->where('state', KitState::Arrived->value)->where('used', 0)->where('written_off', 0)->where('surplus', false)->whereNull('piece_id')
            ->whereIn('build_id', $open)->whereIn('group', $late->map(static fn (KitLine $one): string => $one->group->value)->unique())->get();
        $orders = PartOrderLine::query()->toCome()->whereIn('kit_line_id', $late->modelKeys())->with('order.supplier')->get()->keyBy('kit_line_id');
        $finishes = PlanEntry::query()->whereIn('build_id', $late->pluck('build_id')->unique())->get()->groupBy('build_id');

        return array_values($late->map(function (KitLine $line) use ($today, $parts, $there, $orders, $finishes, $withMoney): LatePart {
            $time = $this->leads->of($line->supplier, $line->group, $line->lead_days);
            $likely = KitWaits::likely($time, (string) $line->expected_on, $line->ordered_on, $line->lead_days, $today);
            $finish = Outlooks::finish($finishes->get($line->build_id, collect()))?->setTimezone($this->house->zone())->toDateString();
            $order = $orders->get($line->id);

            return new LatePart(
                line: $line->id, version: $line->version, name: $line->name, quantity: $line->quantity, unit: $line->unit, build: $line->build->number, title: $line->build->title,
                order: $order?->part_order_id, expectedOn: (string) $line->expected_on, likelyOn: $likely, because: ucfirst(LeadTimes::words($line->supplier, $time)).'.',
                endangers: $this->endangers($line, $finish), breaks: $finish !== null && $line->build->promised_on !== null && $finish > $line->build->promised_on,
                helps: $this->helps($line, $likely, $parts, $there, $order?->order->supplier, $withMoney),
            );
        })->all());
    }

    private function endangers(KitLine $line, ?string $finish): string
    {
        $first = $this->needed->of($line);
        $promised = $line->build->promised_on;

        return implode(' ', array_filter([
            $first === null ? 'No work with it is planned yet.' : 'The first work with it is planned for '.Say::day($first).'.',
            $finish === null ? '' : 'The build is planned to be finished on '.Say::day($finish).($promised === null ? '.' : ', promised '.Say::day($promised).'.'),
        ]));
    }

    /**
     * @param  Collection<int, Part>  $parts
     * @param  Collection<int, KitLine>  $there
     * @return list<LateHelp>
     */
    private function helps(KitLine $line, string $likely, Collection $parts, Collection $there, ?Supplier $supplier, bool $withMoney): array
    {
        $today = $this->clock->today($this->house->zone());
        $part = $line->part_id === null ? $parts->first(static fn (Part $one): bool => $one->name === Catalogue::plain($line->name) && $one->unit === $line->unit) : $parts->firstWhere('id', $line->part_id);
        $helps = [];
        foreach ($part === null ? [] : [$part, ...$part->alternatives->all()] as $one) {
            if ($one->unit === $line->unit && $one->group === $line->group && $one->free($today) >= $line->quantity) {
                $helps[] = new LateHelp("Take {$one->name} out of stock".($one->place === '' ? '' : ", {$one->place}").'; what comes later goes there', $today, $this->expect($line, $today), $one->id);
            }
        }
        foreach ($there as $other) {
            $needed = $this->needed->of($other);
            if ($other->build_id !== $line->build_id && $other->group === $line->group && $other->unit === $line->unit && $other->quantity === $line->quantity && Catalogue::plain($other->name) === Catalogue::plain($line->name)
                && ($needed === null || $needed > $likely)) {
                $helps[] = new LateHelp("Take that of {$other->build->name()}".($needed === null ? '' : ', which needs it on '.Say::day($needed)), $today, ['kind' => 'swap-parts', 'line' => $line->id, 'other' => $other->id], null);
            }
        }
        $offers = $part === null ? [] : [$part, ...$part->alternatives->all()];
        foreach ($offers as $one) {
            foreach ($one->offers as $offer) {
                array_push($helps, ...$this->fromElsewhere($line, $one, $offer, $likely, $supplier, $today, $withMoney));
            }
        }
        if ($supplier !== null && $supplier->express_days !== null && NeededDays::before($today, -$supplier->express_days) < $likely) {
            $day = NeededDays::before($today, -$supplier->express_days);
            $helps[] = new LateHelp("Ask {$supplier->name} for express, ".Say::count($supplier->express_days, 'day').($withMoney ? ', '.$this->house->money($supplier->express_minor).' more' : ''), $day, $this->expect($line, $day), null);
        }
        usort($helps, static fn (LateHelp $a, LateHelp $b): int => $a->day <=> $b->day);

        return $helps;
    }

    /** @return list<LateHelp> */
    private function fromElsewhere(KitLine $line, Part $part, PartOffer $offer, string $likely, ?Supplier $supplier, string $today, bool $withMoney): array
    {
        $day = NeededDays::before($today, -LeadTimes::wholeDays($this->leads->of($offer->supplier->name, $part->group, $offer->lead_days)->median()));
        if ($offer->supplier->name === ($supplier->name ?? $line->supplier) || $day >= $likely) {
            return [];
        }

        return [new LateHelp(
            "Order {$part->name} from {$offer->supplier->name}, likely on ".Say::day($day).($withMoney ? ', '.$this->house->money((int) round($offer->cost_minor * $line->quantity)) : ''), $day, $this->expect($line, $day), null,
        )];
    }

    /** @return array<string, string|int> */
    private function expect(KitLine $line, string $day): array
    {
        return ['kind' => 'part', 'line' => $line->id, 'expected_on' => $day];
    }
}
