<?php

declare(strict_types=1);

namespace App\Planning\Pieces;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Support\Refused;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Costing\KitState;
use Regimen\Costing\MaterialUse;
use Regimen\Inspection\MadeHere;
use Regimen\Parts\PartGroup;
use Regimen\Route\OperationState;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;
use Regimen\Units\Money;

/** The rows that stand for a piece: its operations, what was measured on it, and what it is made of. */
final class PieceRecords
{
    /** What says how far an operation is. */
    private const STATE = ['state', 'started_at', 'person_id', 'labour_done_at', 'hold_until', 'runs_until', 'gate_closed_at'];

    private const NOT_BEGUN = [
        'state' => OperationState::Open, 'started_at' => null, 'person_id' => null, 'labour_done_at' => null, 'hold_until' => null,
        'runs_until' => null, 'gate_closed_at' => null, 'piece_id' => null,
    ];

    /**
     * @param  list<Step>  $steps
     * @return Collection<int, Operation>
     */
    public static function operations(Build $build, array $steps): Collection
    {
        return Operation::query()->where('build_id', $build->id)->whereIn('key', array_map(static fn (Step $one): string => $one->key, $steps))
            ->orderBy('position')->get();
    }

    /** @param  Collection<int, Operation>  $operations */
    public static function clocksMustBeStopped(Collection $operations, string $field): void
    {
        $running = TimeEntry::query()->whereIn('operation_id', $operations->modelKeys())->whereNull('minutes')->whereNull('struck_at')
            ->with(['person', 'operation'])->first();
        if ($running !== null) {
            throw Refused::because("{$running->person->name}’s clock still runs on “{$running->operation->name}”. Stop it first, so that the hours are recorded.", $field);
        }
    }

    /** @param  Collection<int, Operation>  $operations */
    public static function reopen(Collection $operations): void
    {
        foreach ($operations as $one) {
            $one->update([...self::NOT_BEGUN, 'gate_round' => $one->gate_round + 1, 'version' => $one->version + 1]);
        }
    }

    /** @return array<string, mixed> how far an operation is, as a piece takes it along */
    public static function state(Operation $one): array
    {
        return [...array_intersect_key($one->getAttributes(), array_flip(self::STATE)), 'name' => $one->name, 'operation' => $one->id, 'round' => $one->gate_round];
    }

    /** @param  array<string, mixed>  $state  as it was taken along */
    public static function putState(Operation $one, array $state, int $piece): void
    {
        $one->setRawAttributes([...$one->getAttributes(), ...array_intersect_key($state, array_flip(self::STATE))]);
        $one->fill(['piece_id' => $piece, 'version' => $one->version + 1]);
        $one->save();
    }

    /**
     * What was measured on a piece; it does not count for the instrument any more.
     *
     * @param  Collection<int, Operation>  $operations
     * @return array<string, string> typed, by field
     */
    public static function takeMeasures(Build $build, Thing $thing, Collection $operations): array
    {
        $names = [
            ...$operations->pluck('name')->all(),
            ...array_map(static fn (PieceKind $kind): string => MadeHere::from($kind->piece()->value)->value.', made here', $thing->kinds),
        ];
        $measured = Measurement::query()->where('build_id', $build->id)->whereIn('part', $names)->whereNull('kit_line_id')->orderBy('id')->get();
        $typed = $measured->pluck('value', 'field')->all();
        $measured->each(static fn (Measurement $one): ?bool => $one->delete());

        return $typed;
    }

    /**
     * What the piece is made of, as far as it is in the shop: what was taken out of the kit, and of a group of which nothing was written down as
     * taken all that is there.
     *
     * @return Collection<int, KitLine>
     */
    public static function kit(Build $build, Thing $thing): Collection
    {
        $there = KitLine::query()->where('build_id', $build->id)->whereNull('piece_id')->where('surplus', false)
            ->whereIn('group', array_map(static fn (PartGroup $one): string => $one->value, $thing->usedUp()))->orderBy('id')->get()
            ->filter(static fn (KitLine $line): bool => $line->state->isInTheShop() && self::belongs($line, $thing) && $line->quantity > $line->written_off);
        $taken = $there->filter(static fn (KitLine $line): bool => $line->used > 0)->map(static fn (KitLine $line): string => $line->group->value)->all();

        return $there->filter(static fn (KitLine $line): bool => $line->used > 0 || ! in_array($line->group->value, $taken, true))->values();
    }

    /** Boards of the body are one group: the top’s has its name. */
    public static function belongs(KitLine $line, Thing $thing): bool
    {
        if ($line->group !== PartGroup::BodyTimber) {
            return true;
        }

        return str_contains($line->name, 'for the top') ? $thing->has(PieceKind::Top) : $thing->has(PieceKind::Body);
    }

    /** What is left of a line’s money, used or not; what was spoiled before is not counted again. */
    public static function worth(KitLine $line, string $currency): int
    {
        $split = (new MaterialUse(Money::ofMinor($line->costMinor(), $currency), $line->quantity, $line->used, $line->written_off))->split();

        return $split->used->minor + $split->left->minor;
    }

    /** The same is needed again, at what it cost. */
    public static function needAgain(KitLine $line): KitLine
    {
        $again = preg_replace('/, again$/', '', $line->name);

        return KitLine::query()->create([
            ...$line->only(['build_id', 'group', 'unit', 'supplier', 'lead_days']), 'name' => "{$again}, again",
            'quantity' => $line->quantity, 'estimated_minor' => $line->costMinor(),
            'state' => $line->lead_days === 0 ? KitState::Arrived : KitState::Needed,
        ]);
    }
}
