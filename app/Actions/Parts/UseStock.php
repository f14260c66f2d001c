<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
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
use Regimen\Costing\KitState;
use Regimen\Stores\Stock\Amount;

/** Takes parts out of stock: into a build's kit, or used up in the shop; and back again. */
final readonly class UseStock
{
    public function __construct(private Recording $recording, private StockBook $book, private SplitKit $split, private KnownFigures $figures, private House $house, private Clock $clock)
    {
    }

    /** What a kit still needs, out of the drawer: reserved for its build, at what it cost. With fewer than it needs the rest stays needed; what is on order for it goes to stock when it comes. */
    public function forKit(Person $by, KitLine $line, int $version, Part $part, float $quantity): KitLine
    {
        return $this->recording->keep(function () use ($by, $line, $version, $part, $quantity): KitLine {
            Refused::ifStale($line->version, $version, "“{$line->name}”");
            self::mustFit($line, $part, $quantity);
            $line = $this->split->needed(($this->split)($line, $quantity));
            $cost = $this->book->take($by, $part, Amount::of($quantity), MovementKind::Taken, "for {$line->build->name()}", $line);
            $line->update([
                'state' => KitState::Arrived, 'arrived_on' => $this->clock->today($this->house->zone()), 'cost_minor' => $cost, 'part_id' => $part->id, 'version' => $line->version + 1,
            ]);
            $this->figures->keep($by, $line, $part, $quantity);
            $this->recording->log($line->build, $by, 'kit', 'Out of stock: '.Say::amount($quantity, $line->unit)." of {$part->name}".($part->name === $line->name ? '' : ", for {$line->name}").", {$this->house->money($cost)}.");
            $this->recording->planAnew("{$part->name} out of stock for {$line->build->number}");

            return $line;
        });
    }

    public static function mustFit(KitLine $line, Part $part, float $quantity): void
    {
        if ($line->build->status !== BuildStatus::Open) {
            throw Refused::because("{$line->build->name()} is not in the making any more. Nothing was taken.", 'part');
        }
        if ($line->state->isInTheShop() || $line->surplus) {
            throw Refused::because("“{$line->name}” is not needed: it is ".($line->surplus ? 'left over' : 'there already').'. Nothing was taken.', 'part');
        }
        if ($part->group !== $line->group) {
            throw Refused::because("“{$part->name}” is not for {$line->group->words()}.", 'part');
        }
        if ($part->unit !== $line->unit) {
            throw Refused::because("“{$part->name}” is kept by the {$part->unit}, the kit asks for a {$line->unit}.", 'part');
        }
        if ($quantity > $line->quantity) {
            throw Refused::because('The kit needs '.Say::amount($line->quantity, $line->unit).'; more is not taken for it.', 'quantity');
        }
        self::mustBeWhole(Amount::of($quantity), $part);
    }

    public static function mustBeWhole(int $amount, Part $part): void
    {
        if (! Amount::canBe($amount, $part->unit)) {
            throw Refused::because("A {$part->unit} is not taken in parts. Write a whole number.", 'quantity');
        }
    }

    /** What was taken for a kit and is not used goes back, at what it cost. */
    public function putBack(Person $by, KitLine $line, int $version): void
    {
        $this->recording->keep(function () use ($by, $line, $version): void {
            Refused::ifStale($line->version, $version, "“{$line->name}”");
            $part = $line->part_id === null ? null : Part::query()->find($line->part_id);
            if ($part === null || $line->state !== KitState::Arrived || $line->piece_id !== null) {
                throw Refused::because("“{$line->name}” is not a part of the catalogue that waits in this kit. Nothing was put back.");
            }
            if ($line->used > 0 || $line->written_off > 0) {
                throw Refused::because("Of “{$line->name}” something is used already; it cannot go back into stock.");
            }
            $last = StockMovement::query()->where('kit_line_id', $line->id)->where('kind', MovementKind::Taken->value)->latest('id')->first();
            $lot = $last === null ? null : StockLot::query()->find($last->stock_lot_id);
            $this->book->add(
                $by, $part, Amount::of($line->quantity), $line->costMinor(), MovementKind::PutBack, "not needed for {$line->build->name()}",
                $lot === null ? [] : $lot->only(['supplier_id', 'arrived_on', 'best_before', 'opened_on', 'parcel_line_id']), $line,
            );
            $line->surplus ? $line->update(['cost_minor' => 0, 'written_off' => 0, 'used' => $line->quantity, 'state' => KitState::Used, 'version' => $line->version + 1])
                : $line->update(['state' => KitState::Needed, 'arrived_on' => null, 'ordered_on' => null, 'expected_on' => null, 'cost_minor' => null, 'version' => $line->version + 1]);
            $this->recording->log($line->build, $by, 'kit', "Back into stock: {$line->name}.");
            $this->recording->planAnew("{$line->name} of {$line->build->number} back in stock");
        });
    }

    /** Used up at the bench: for one build where the house charges it by use, else for the shop, which every kit has its share of. */
    public function use(Person $by, Part $part, float $quantity, ?Build $build, string $because): void
    {
        $this->recording->keep(function () use ($by, $part, $quantity, $build, $because): void {
            self::mustBeWhole(Amount::of($quantity), $part);
            if ($part->by_use && $build === null && $because === '') {
                throw Refused::because("“{$part->name}” is charged to the build that it is used for. Say for which, or for what in the shop.", 'build');
            }
            if (! $part->by_use && $build !== null) {
                throw Refused::because("“{$part->name}” is charged as a share: every kit pays it already. Leave the build out.", 'build');
            }
            $line = $build === null ? null : KitLine::query()->create([
                'build_id' => $build->id, 'group' => $part->group, 'name' => $part->name.KitLine::BY_USE, 'quantity' => $quantity, 'unit' => $part->unit, 'supplier' => '', 'estimated_minor' => 0,
                'lead_days' => 0, 'state' => KitState::Used, 'used' => $quantity, 'part_id' => $part->id, 'arrived_on' => $this->clock->today($this->house->zone()), 'surplus' => false,
            ])->refresh();
            $cost = $this->book->take($by, $part, Amount::of($quantity), $build === null ? MovementKind::Used : MovementKind::Taken, $because, $line);
            $line?->update(['cost_minor' => $cost]);
            $this->recording->log($build, $by, $build === null ? 'stores' : 'kit', 'Used: '.Say::amount($quantity, $part->unit)." of {$part->name}".($because === '' ? '' : ", {$because}").'.');
        });
    }
}
