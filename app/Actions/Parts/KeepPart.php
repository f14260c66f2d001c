<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\StockLot;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Stores\Stock\Amount;

/** The house's catalogue of parts: what each is, where it lies, who sells it, what can take its place. */
final readonly class KeepPart
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    /**
     * @param  array<string, mixed>  $said  columns of the part
     * @param  list<int>|null  $alternatives  null: as they are
     */
    public function __invoke(Person $by, ?Part $part, int $version, array $said, ?array $alternatives = null): Part
    {
        return $this->recording->keep(function () use ($by, $part, $version, $said, $alternatives): Part {
            Refused::ifThere(Part::query()->where('name', $said['name'])->whereKeyNot($part->id ?? 0)->exists(), "“{$said['name']}” stands in the catalogue already.", 'name');
            if ($part === null) {
                $part = Part::query()->create(['figures' => [], ...$said])->refresh();
                $this->recording->log(null, $by, 'stores', "New in the catalogue: {$part->name}.");
            } else {
                Refused::ifStale($part->version, $version, "“{$part->name}”");
                $this->mustStayWhole($part, $said);
                $part->update([...$said, 'version' => $part->version + 1]);
                $this->recording->log(null, $by, 'stores', "Changed in the catalogue: {$part->name}.");
            }
            if ($alternatives !== null) {
                $part->alternatives()->sync(array_values(array_diff($alternatives, [$part->id])));
            }

            return $part;
        });
    }

    /** @param  array<string, mixed>  $said */
    private function mustStayWhole(Part $part, array $said): void
    {
        $there = (int) StockLot::query()->whereBelongsTo($part)->sum('left');
        if ($there > 0 && ($said['unit'] ?? $part->unit) !== $part->unit) {
            throw Refused::because(Say::amount(Amount::units($there), $part->unit)." of it are in stock, counted by the {$part->unit}. The unit stays.", 'unit');
        }
    }

    /**
     * @param  array{number: string, cost_minor: int, lead_days: int}  $said
     * @return array{PartOffer, int|null} with what a unit cost there before
     */
    public function offer(Person $by, Part $part, int $supplier, array $said): array
    {
        return $this->recording->keep(function () use ($by, $part, $supplier, $said): array {
            $before = PartOffer::query()->where('part_id', $part->id)->where('supplier_id', $supplier)->value('cost_minor');
            $offer = PartOffer::query()->updateOrCreate(['part_id' => $part->id, 'supplier_id' => $supplier], $said);
            $part->update(['version' => $part->version + 1]);
            $this->recording->log(null, $by, 'stores', "{$part->name} at {$offer->supplier->name}: price or lead time written down.");

            return [$offer, is_numeric($before) ? (int) $before : null];
        });
    }

    public function withdraw(Person $by, PartOffer $offer): void
    {
        $this->recording->keep(function () use ($by, $offer): void {
            $offer->part->update(['version' => $offer->part->version + 1]);
            $this->recording->log(null, $by, 'stores', "{$offer->supplier->name} does not sell {$offer->part->name} any more.");
            $offer->delete();
        });
    }

    public function letGo(Person $by, Part $part, int $version): void
    {
        $this->recording->keep(function () use ($by, $part, $version): void {
            Refused::ifStale($part->version, $version, "“{$part->name}”");
            $there = (int) StockLot::query()->whereBelongsTo($part)->sum('left');
            if ($there > 0) {
                throw Refused::because(Say::amount(Amount::units($there), $part->unit)." of “{$part->name}” are in stock. Use them up or throw them away first.");
            }
            $part->update(['gone_at' => $this->clock->now(), 'version' => $part->version + 1]);
            $this->recording->log(null, $by, 'stores', "Out of the catalogue: {$part->name}.");
        });
    }

    /** A field of it, as it was measured or as its data sheet says; empty: not known any more. */
    public function figure(Person $by, Part $part, string $field, string $kind, string $typed): void
    {
        $this->recording->keep(function () use ($by, $part, $field, $kind, $typed): void {
            $figures = $part->figures;
            if ($typed === '') {
                unset($figures[$field][$kind]);
            } else {
                $figures[$field][$kind] = $typed;
            }
            $part->update(['figures' => array_filter($figures), 'version' => $part->version + 1]);
            $this->recording->log(null, $by, 'stores', ($kind === 'measured' ? 'Measured on ' : 'From the data sheet of ')."{$part->name}: {$field} ".($typed === '' ? 'not known any more' : $typed).'.');
        });
    }
}
