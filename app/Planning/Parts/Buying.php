<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\Supplier;
use App\Planning\House\House;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
use Regimen\Stores\Buying\Offer;
use Regimen\Stores\Buying\Proposal;
use Regimen\Stores\Buying\Want;
use Regimen\Stores\Stock\Amount;

/** What is missing, for builds and for stock, and from whom it is best ordered: in time, then for the least money. */
final readonly class Buying
{
    public function __construct(private House $house, private LeadTimes $leads, private NeededDays $needed, private Usage $usage, private Clock $clock)
    {
    }

    /** @return list<Wanted> in the order of their last days */
    public function wanted(): array
    {
        $today = $this->clock->today($this->house->zone());
        $parts = Part::query()->kept()->with(['offers.supplier', 'lots', 'alternatives.lots'])->orderBy('id')->get();
        $all = [...$this->forBuilds($parts, $today), ...$this->forStock($parts, $today)];
        $suppliers = Supplier::query()->orderBy('id')->get()->keyBy('id');
        $wants = [];
        foreach ($all as $number => $one) {
            if ($one->offers !== [] && $one->drawer === null) {
                $wants[] = new Want($number, $one->neededOn === null ? null : NeededDays::between($today, NeededDays::before($one->neededOn, 1)), $one->offers);
            }
        }
        $chosen = Proposal::for($wants, $suppliers->map(static fn (Supplier $one): int => $one->freight_minor)->all())->chosen;
        foreach ($all as $number => $one) {
            $offer = $chosen[$number] ?? null;
            $supplier = $offer === null ? null : $suppliers->get($offer->supplier);
            if ($offer !== null && $supplier !== null) {
                $one->choose($supplier, $offer, $one->neededOn === null ? null : NeededDays::before($one->neededOn, 1 + $offer->days));
            }
        }
        usort($all, static fn (Wanted $a, Wanted $b): int => [$a->orderBy ?? '9999', $a->line->id ?? 0, $a->part->id ?? 0] <=> [$b->orderBy ?? '9999', $b->line->id ?? 0, $b->part->id ?? 0]);

        return $all;
    }

    /**
     * @param  Collection<int, Part>  $parts
     * @return list<Wanted>
     */
    private function forBuilds(Collection $parts, string $today): array
    {
        $lines = KitLine::query()->with('build')->where('state', KitState::Needed->value)->where('surplus', false)->where('lead_days', '>', 0)
            ->whereIn('build_id', Build::query()->open()->select('id'))->orderBy('build_id')->orderBy('id')->get();
        $byName = $parts->keyBy(static fn (Part $one): string => "{$one->group->value} {$one->unit} {$one->name}");
        $byId = $parts->keyBy('id');
        $suppliers = Supplier::query()->pluck('id', 'name');
        $free = [];
        $all = [];
        foreach ($lines as $line) {
            if (! Catalogue::isPart($line->group, $line->unit)) {
                continue;
            }
            $part = $line->part_id === null ? $byName->get("{$line->group->value} {$line->unit} ".Catalogue::plain($line->name)) : $byId->get($line->part_id);
            $offers = $part === null ? [] : $this->offers($part, $line->quantity);
            if ($offers === [] && $line->supplier !== '') {
                $offers = [new Offer((int) ($suppliers[$line->supplier] ?? 0), $line->estimated_minor, LeadTimes::wholeDays($this->leads->of($line->supplier, $line->group, $line->lead_days)->ninthDecile()))];
            }
            $all[] = new Wanted($line, $part, $line->quantity, $line->unit, $this->needed->of($line), array_values(array_filter($offers, static fn (Offer $one): bool => $one->supplier > 0)), $this->drawer($part, $line, $free, $today));
        }

        return $all;
    }

    /**
     * The part in whose drawer enough of it lies, itself first; each piece is offered once.
     *
     * @param  array<int, float>  $free  what is left of each, by part
     */
    private function drawer(?Part $part, KitLine $line, array &$free, string $today): ?Part
    {
        foreach ($part === null ? [] : [$part, ...$part->alternatives->all()] as $one) {
            $free[$one->id] ??= $one->free($today);
            if ($one->unit === $line->unit && $one->group === $line->group && $free[$one->id] >= $line->quantity) {
                $free[$one->id] -= $line->quantity;

                return $one;
            }
        }

        return null;
    }

    /**
     * @param  Collection<int, Part>  $parts
     * @return list<Wanted>
     */
    private function forStock(Collection $parts, string $today): array
    {
        $coming = PartOrderLine::query()->toCome()->whereNull('kit_line_id')->whereNotNull('part_id')->selectRaw('part_id, sum(quantity - came) as coming')->groupBy('part_id')->pluck('coming', 'part_id');
        $all = [];
        foreach ($parts as $part) {
            $at = $this->usage->reorderAt($part);
            $free = $part->free($today);
            $there = $free + Amount::units((int) ($coming[$part->id] ?? 0));
            $offer = $part->offers->first();
            if ($at === null || $offer === null || $there >= $at) {
                continue;
            }
            $amount = $this->usage->amount($part, $offer, $there);
            $lasts = $this->usage->lasts($part, $free);
            $all[] = new Wanted(null, $part, $amount, $part->unit, $lasts === null ? null : NeededDays::before($today, -$lasts - 1), $this->offers($part, $amount), null, $free, $at);
        }

        return $all;
    }

    /** @return list<Offer> */
    private function offers(Part $part, float $quantity): array
    {
        return array_values($part->offers->map(fn (PartOffer $one): Offer => new Offer(
            $one->supplier_id, (int) round($one->cost_minor * $quantity), LeadTimes::wholeDays($this->leads->of($one->supplier->name, $part->group, $one->lead_days)->ninthDecile()),
        ))->all());
    }
}
