<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Build\KitLine;
use App\Models\Parts\MovementKind;
use App\Models\Parts\Part;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Stores\Stock\Amount;
use Regimen\Stores\Stock\Lot;
use Regimen\Stores\Stock\Taking;
use Regimen\Stores\Stock\TooLittle;

/**
 * The only writer of stock: no lot changes without a movement that says why, at what cost and by whom, so that what is left of a lot is always the sum of
 * its movements. Runs inside an action's transaction.
 */
final readonly class StockBook
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    /**
     * @param  int  $quantity  thousandths of the unit
     * @param  array<string, mixed>  $said  supplier_id, best_before, parcel_line_id, wrong
     */
    public function add(Person $by, Part $part, int $quantity, int $cost, MovementKind $kind, string $because, array $said = [], ?KitLine $from = null): StockLot
    {
        $today = $this->clock->today($this->house->zone());
        $lot = StockLot::query()->create([
            'part_id' => $part->id, 'quantity' => $quantity, 'left' => $quantity, 'cost_minor' => $cost, 'left_minor' => $cost, 'arrived_on' => $today, 'wrong' => '', ...$said,
        ])->refresh();
        $this->write($by, $lot, $quantity, $cost, $kind, $because, $from);

        return $lot;
    }

    /**
     * From the lots that are to be used up first; none that has gone by.
     *
     * @param  int  $quantity  thousandths of the unit
     * @return int what it cost, minor units
     */
    public function take(Person $by, Part $part, int $quantity, MovementKind $kind, string $because, ?KitLine $for = null): int
    {
        $today = $this->clock->today($this->house->zone());
        $lots = StockLot::query()->whereBelongsTo($part)->where('left', '>', 0)->where('wrong', '')
            ->where(static fn ($lot) => $lot->whereNull('best_before')->orWhere('best_before', '>=', $today))
            ->orderByRaw('best_before is null, best_before')->orderBy('arrived_on')->orderBy('id')->get()->keyBy('id');
        try {
            $takings = Taking::of(array_values($lots->map(fn (StockLot $lot): Lot => new Lot($lot->id, $lot->left, $this->house->money($lot->left_minor)))->all()), $quantity);
        } catch (TooLittle $refused) {
            throw Refused::because(self::tooLittle($part, $quantity, $refused->there), 'quantity');
        }
        $cost = 0;
        foreach ($takings as $taking) {
            $this->takeOf($by, $lots->firstOrFail('id', $taking->lot), $taking->quantity, $taking->cost->minor, $kind, $because, $for);
            $cost += $taking->cost->minor;
        }

        return $cost;
    }

    /** All that is left of one lot, or a part of it. */
    public function takeFrom(Person $by, StockLot $lot, int $quantity, MovementKind $kind, string $because, ?KitLine $for = null): int
    {
        try {
            $cost = (new Lot($lot->id, $lot->left, $this->house->money($lot->left_minor)))->costOf($quantity)->minor;
        } catch (TooLittle $refused) {
            throw Refused::because(self::tooLittle($lot->part, $quantity, $refused->there), 'quantity');
        }
        $this->takeOf($by, $lot, $quantity, $cost, $kind, $because, $for);

        return $cost;
    }

    private function takeOf(Person $by, StockLot $lot, int $quantity, int $cost, MovementKind $kind, string $because, ?KitLine $for): void
    {
        $lot->update(['left' => $lot->left - $quantity, 'left_minor' => $lot->left_minor - $cost]);
        $this->write($by, $lot, -$quantity, -$cost, $kind, $because, $for);
    }

    private function write(Person $by, StockLot $lot, int $quantity, int $cost, MovementKind $kind, string $because, ?KitLine $line): void
    {
        StockMovement::query()->create([
            'part_id' => $lot->part_id, 'stock_lot_id' => $lot->id, 'kind' => $kind, 'quantity' => $quantity, 'cost_minor' => $cost, 'build_id' => $line?->build_id,
            'kit_line_id' => $line?->id, 'because' => $because, 'on' => $this->clock->today($this->house->zone()), 'person_id' => $by->id, 'at' => $this->clock->now(),
        ]);
    }

    private static function tooLittle(Part $part, int $quantity, int $there): string
    {
        return Say::amount(Amount::units($there), $part->unit)." of “{$part->name}” can be taken; ".Say::amount(Amount::units($quantity), $part->unit).' cannot.';
    }
}
