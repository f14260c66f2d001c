<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Parts\PartOrderLine;
use App\Planning\House\House;
use Regimen\Costing\KitState;

/** A line of a kit of which only a part is there becomes two: nothing of its amount and its money is lost. Runs inside an action's transaction. */
final readonly class SplitKit
{
    public function __construct(private House $house)
    {
    }

    /**
     * @param  float  $quantity  of the line, above zero and not more than it
     * @return KitLine the one with that quantity; what is left stays with the line that was given, unless it is all of it
     */
    public function __invoke(KitLine $line, float $quantity): KitLine
    {
        $rest = round($line->quantity - $quantity, 3);
        if ($rest <= 0) {
            return $line;
        }
        [$estimated, $estimatedRest] = $this->house->money($line->estimated_minor)->split([$quantity, $rest]);
        [$cost, $costRest] = $line->cost_minor === null ? [null, null] : $this->house->money($line->cost_minor)->split([$quantity, $rest]);
        $part = KitLine::query()->create([
            ...$line->only(['build_id', 'group', 'name', 'unit', 'supplier', 'lead_days', 'state', 'ordered_on', 'expected_on', 'arrived_on', 'surplus', 'part_id', 'piece_id', 'setback_id']),
            'quantity' => $quantity, 'estimated_minor' => $estimated->minor, 'cost_minor' => $cost?->minor,
        ])->refresh();
        $line->update(['quantity' => $rest, 'estimated_minor' => $estimatedRest->minor, 'cost_minor' => $costRest?->minor, 'version' => $line->version + 1]);

        return $part->setRelation('build', $line->build);
    }

    /**
     * What a kit takes from elsewhere it does not wait for any more: what is on order for it goes to stock when it comes.
     *
     * @return KitLine the one that needs it now
     */
    public function needed(KitLine $line): KitLine
    {
        if ($line->state !== KitState::Ordered) {
            return $line;
        }
        if (PartOrderLine::query()->where('kit_line_id', $line->id)->doesntExist() && $line->wasRecentlyCreated) {
            // Split off from what is on order: the order stands at the rest.
            $line->update(['state' => KitState::Needed, 'ordered_on' => null, 'expected_on' => null, 'cost_minor' => null]);

            return $line;
        }
        $line->update(['surplus' => true, 'version' => $line->version + 1]);

        return KitLine::query()->create([
            ...$line->only(['build_id', 'group', 'name', 'quantity', 'unit', 'supplier', 'estimated_minor', 'lead_days', 'part_id']), 'state' => KitState::Needed,
        ])->refresh()->setRelation('build', $line->build);
    }

    /** Both wait for the same order: they are one line again. */
    public function join(KitLine $one, KitLine $other): void
    {
        $one->update([
            'quantity' => round($one->quantity + $other->quantity, 3), 'estimated_minor' => $one->estimated_minor + $other->estimated_minor, 'cost_minor' => $one->costMinor() + $other->costMinor(), 'version' => $one->version + 1,
        ]);
        // What was measured on the part that is replaced stays written down.
        Measurement::query()->where('kit_line_id', $other->id)->exists() ? $other->update(['surplus' => true, 'version' => $other->version + 1]) : $other->delete();
    }

    /** The line of an order on which something of a kit line is still to come. */
    public static function onOrder(KitLine $line): ?PartOrderLine
    {
        return PartOrderLine::query()->toCome()->where('kit_line_id', $line->id)->with('order.supplier')->first();
    }
}
