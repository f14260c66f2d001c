<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\Parts\MovementKind;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Parts\Catalogue;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Stores\Stock\Amount;
use Regimen\Units\Money;

/** A part that is wrong: it waits beside the stock until it is sent back, fitted here or elsewhere, or taken as it is. */
final readonly class WrongParts
{
    public function __construct(private Recording $recording, private StockBook $book, private SplitKit $split, private KnownFigures $figures, private House $house, private Clock $clock)
    {
    }

    /** It turns out to be wrong when it lies in the kit already: it is needed again. */
    public function found(Person $by, KitLine $line, int $version, float $quantity, string $because): StockLot
    {
        return $this->recording->keep(function () use ($by, $line, $version, $quantity, $because): StockLot {
            Refused::ifStale($line->version, $version, "“{$line->name}”");
            if ($line->state !== KitState::Arrived || $quantity > $line->left() || $line->used + $line->written_off > 0 || ! Catalogue::isPart($line->group, $line->unit)) {
                throw Refused::because($line->state === KitState::Arrived ? 'Of “'.$line->name.'” '.Say::amount($line->left(), $line->unit).' lie in the kit unused.' : "“{$line->name}” is not in the kit, so that it cannot be wrong.", 'quantity');
            }
            $part = Catalogue::of($line);
            UseStock::mustBeWhole(Amount::of($quantity), $part);
            $wrong = ($this->split)($line, $quantity);
            $lot = $this->book->add(
                $by, $part, Amount::of($quantity), $wrong->costMinor(), MovementKind::PutBack, $because,
                ['wrong' => $because, 'supplier_id' => Catalogue::supplier($line->supplier)?->id, 'parcel_line_id' => self::parcelLineOf($line)], $wrong,
            );
            OrderParts::neededAgain($wrong);
            $this->recording->log($line->build, $by, 'kit', 'Wrong: '.Say::amount($quantity, $line->unit)." of {$line->name}, {$because}; needed again.");
            $this->recording->planAnew("{$line->name} for {$line->build->number} is wrong");

            return $lot;
        });
    }

    private static function parcelLineOf(KitLine $line): ?int
    {
        // A line of which only some came at first is another one than the order knows.
        return PartOrderLine::query()->where('came', '>', 0)->where(static fn ($ordered) => $ordered->where('kit_line_id', $line->id)
            ->orWhere(static fn ($same) => $same->where('build_id', $line->build_id)->whereNotNull('part_id')->where('part_id', $line->part_id)))
            ->latest('id')->first()?->parcelLines()->latest('id')->value('id');
    }

    /** Nothing is wrong with it after all, or it does for the stock. */
    public function takeAsItIs(Person $by, StockLot $lot, string $because): void
    {
        $this->recording->keep(function () use ($by, $lot, $because): void {
            self::mustBeThere($lot);
            $lot->update(['wrong' => '']);
            $this->recording->log(null, $by, 'stores', "Into stock as it is: {$lot->part->name} ({$because}).");
        });
    }

    /** Into the kit of a build that still needs one, with what was measured on it. */
    public function fit(Person $by, StockLot $lot, KitLine $line, int $version, float $quantity): void
    {
        $this->recording->keep(function () use ($by, $lot, $line, $version, $quantity): void {
            Refused::ifStale($line->version, $version, "“{$line->name}”");
            self::mustBeThere($lot);
            UseStock::mustFit($line, $lot->part, $quantity);
            $there = ($this->split)($line, $quantity);
            $cost = $this->book->takeFrom($by, $lot, Amount::of($quantity), MovementKind::Taken, "for {$line->build->name()}", $there);
            $there->update(['state' => KitState::Arrived, 'arrived_on' => $this->clock->today($this->house->zone()), 'cost_minor' => $cost, 'part_id' => $lot->part_id, 'version' => $there->version + 1]);
            $this->figures->keep($by, $there, $lot->part, $quantity);
            $this->recording->log($line->build, $by, 'kit', 'Fitted as it is: '.Say::amount($quantity, $line->unit)." of {$lot->part->name} ({$lot->wrong}).");
            $this->recording->planAnew("{$line->name} for {$line->build->number} is taken as it is");
        });
    }

    /**
     * Sent back to whom it came from.
     *
     * @param  Money  $refund  what the supplier gives back
     * @param  string|null  $replacedBy  the day on which another one is to come instead; null: none does
     */
    public function sendBack(Person $by, StockLot $lot, float $quantity, Money $refund, string $because, ?string $replacedBy): void
    {
        $this->recording->keep(function () use ($by, $lot, $quantity, $refund, $because, $replacedBy): void {
            $line = $lot->parcelLine?->line;
            $amount = Amount::of($quantity);
            if ($line === null) {
                throw Refused::because("“{$lot->part->name}” came with no order that is written down here: nobody can be asked to take it back. Throw it away, or take it as it is.", 'quantity');
            }
            if ($amount > $line->came - $line->sent_back) {
                throw Refused::because(Say::amount(Amount::units($line->came - $line->sent_back), $line->unit)." of it came with order {$line->part_order_id}; more cannot go back.", 'quantity');
            }
            UseStock::mustBeWhole($amount, $lot->part);
            $paid = $this->book->takeFrom($by, $lot, $amount, MovementKind::SentBack, $because);
            if ($refund->minor > $paid) {
                throw Refused::because('More is not given back than was paid: '.$this->house->money($paid)->plain().' with its freight.', 'refund');
            }
            StockMovement::query()->where('stock_lot_id', $lot->id)->latest('id')->first()?->update(['refund_minor' => $refund->minor]);
            // What is replaced is still to come.
            $line->update($replacedBy === null ? ['sent_back' => $line->sent_back + $amount] : ['came' => $line->came - $amount]);
            $replacedBy === null || $this->comesAgain($by, $lot, $line, $quantity, $replacedBy);
            $this->recording->log(null, $by, 'stores', 'Sent back to '.($line->order->supplier->name).': '.Say::amount($quantity, $line->unit)." of {$lot->part->name}, {$because}; ".($replacedBy === null ? "{$refund} given back." : 'replaced, expected '.Say::day($replacedBy).'.'));
            $this->recording->planAnew("{$lot->part->name} sent back");
        });
    }

    /** The kit that lacks it waits for the new one. */
    private function comesAgain(Person $by, StockLot $lot, PartOrderLine $line, float $quantity, string $expectedOn): void
    {
        $order = $line->order;
        $order->update(['closed_at' => null, 'expected_on' => max($expectedOn, $order->closed_at === null ? $order->expected_on : $expectedOn), 'version' => $order->version + 1]);
        $kit = KitLine::query()->with('build')->where('build_id', $line->build_id)->where('state', KitState::Needed->value)->where('surplus', false)
            ->where('group', $lot->part->group->value)->where('unit', $line->unit)->where('quantity', '>=', $quantity)->orderBy('id')->first();
        if ($kit === null) {
            return;
        }
        $again = ($this->split)($kit, $quantity);
        $again->update([
            'state' => KitState::Ordered, 'ordered_on' => $this->clock->today($this->house->zone()), 'expected_on' => $expectedOn, 'cost_minor' => $again->estimated_minor,
            'supplier' => $order->supplier->name, 'version' => $again->version + 1,
        ]);
        $waits = $line->kitLine;
        if ($waits !== null && $waits->state === KitState::Ordered && ! $waits->surplus && ! $waits->is($again)) {
            $waits->update(['expected_on' => max($expectedOn, (string) $waits->expected_on)]);
            $this->split->join($waits, $again);
        } else {
            $line->update(['kit_line_id' => $again->id]);
        }
        $this->recording->log($kit->build, $by, 'kit', "Replaced by {$order->supplier->name}: {$kit->name}, expected ".Say::day($expectedOn).'.');
    }

    private static function mustBeThere(StockLot $lot): void
    {
        if ($lot->left === 0 || $lot->wrong === '') {
            throw Refused::because("Of “{$lot->part->name}” nothing waits any more that was wrong. Nothing was changed.");
        }
    }
}
