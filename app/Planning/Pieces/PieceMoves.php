<?php

declare(strict_types=1);

namespace App\Planning\Pieces;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Build\Operation;
use App\Models\Gate\GateDecision;
use App\Models\Gate\Reading;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Setback\Setback;
use App\Models\Stores\Blank;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Costing\KitState;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;

/**
 * The one writer of where pieces are: they leave an instrument, into stock or written off, and go into another, with their done
 * operations, readings, hours and timber. Hours and timber always belong to exactly one: a build, a piece in stock, or what was lost.
 * Runs inside an action's transaction, or in a copy of the shop.
 */
final readonly class PieceMoves
{
    public function __construct(
        private House $house, private RouteSoFar $routes, private Drafting $drafting, private RouteSync $sync, private Clock $clock,
    ) {
    }

    /**
     * @param  Setback|null  $setback  to whose loss goes what is lost; null for what is only exchanged: that costs the build
     * @param  array{state: PieceState, spoiled?: list<string>, place?: string, goodTo?: int|null}  $as  what becomes of it; operations on it
     *   that count no more
     * @param  bool  $again  whether its timber is needed again
     */
    public function leave(?Person $by, Build $build, Thing $thing, ?Setback $setback, array $as, bool $again): MadePiece
    {
        if (! $thing->isBegun()) {
            throw Refused::because("Nothing is done on {$thing->words()} of {$build->number} yet: there is nothing to take off.", 'piece');
        }
        $own = PieceRecords::operations($build, $thing->begun());
        $fitted = PieceRecords::operations($build, $thing->fitted());
        // While it is only tried nobody is asked to stop a clock for it.
        $by === null || PieceRecords::clocksMustBeStopped($own->merge($fitted), 'piece');
        $isKept = $as['state'] !== PieceState::WrittenOff;
        $good = $isKept ? $own->reject(static fn (Operation $one): bool => in_array($one->key, $as['spoiled'] ?? [], true)) : new Collection;
        $piece = MadePiece::query()->create([
            'kind' => $thing->kinds[0], 'kinds' => $thing->kinds, ...$this->origin($build, $thing),
            'setback_id' => $setback?->id, 'state' => $as['state'], 'place' => $as['place'] ?? '', 'good_to_fret' => $as['goodTo'] ?? null,
            'done' => $good->mapWithKeys(static fn (Operation $one): array => [$one->key => PieceRecords::state($one)])->all(),
            'measured' => PieceRecords::takeMeasures($build, $thing, $own->merge($fitted)), 'person_id' => $by?->id, 'at' => $this->clock->now(),
        ]);
        $this->hours($good, ['piece_id' => $piece->id]);
        $setback === null || $this->hours($own->diff($good)->merge($fitted), ['setback_id' => $setback->id]);
        $this->timber($build, $thing, $piece, $setback, $again);
        PieceRecords::reopen($own->merge($fitted));
        $this->endedUse($build, $thing, $piece);

        return $piece;
    }

    /**
     * @param  Collection<int, Operation>  $operations
     * @param  array<string, int>  $to
     */
    private function hours(Collection $operations, array $to): void
    {
        TimeEntry::query()->whereIn('operation_id', $operations->modelKeys())->whereNull('struck_at')->whereNull('setback_id')->whereNull('piece_id')->update($to);
    }

    private function timber(Build $build, Thing $thing, MadePiece $piece, ?Setback $setback, bool $again): void
    {
        foreach (PieceRecords::kit($build, $thing) as $line) {
            if ($piece->state === PieceState::WrittenOff) {
                $setback?->increment('lost_material_minor', PieceRecords::worth($line, $this->house->shop()->currency));
                $line->update(['used' => 0, 'written_off' => $line->quantity, 'state' => KitState::Used, 'setback_id' => $setback?->id, 'version' => $line->version + 1]);
            } else {
                $line->update([
                    'used' => $line->quantity - $line->written_off, 'state' => KitState::Used, 'surplus' => true, 'piece_id' => $piece->id, 'version' => $line->version + 1,
                ]);
            }
            $again && PieceRecords::needAgain($line);
        }
    }

    /** A piece that came from elsewhere and leaves again is not in this build any more; the new record goes on from it. */
    private function endedUse(Build $build, Thing $thing, MadePiece $now): void
    {
        foreach ($this->usedIn($build, $thing) as $before) {
            $before->update(['build_id' => null, 'state' => PieceState::GoneOn, 'words' => "It left {$build->number} as P{$now->id}.", 'version' => $before->version + 1]);
        }
    }

    /** @return array{made_for_id: int, revision_id: int} the instrument that it was made for, and by which specification */
    private function origin(Build $build, Thing $thing): array
    {
        $before = $this->usedIn($build, $thing)[0] ?? null;

        return ['made_for_id' => $before->made_for_id ?? $build->id, 'revision_id' => $before->revision_id ?? $build->specification->id];
    }

    /** @return list<MadePiece> */
    private function usedIn(Build $build, Thing $thing): array
    {
        return array_values(MadePiece::query()->where('build_id', $build->id)->where('state', PieceState::Used->value)->get()
            ->filter(static fn (MadePiece $one): bool => $thing->has($one->kind))->all());
    }

    /** What a build lacks after pieces have come and gone is needed. */
    public function completeKit(Build ...$builds): void
    {
        foreach ($builds as $build) {
            $read = Revisions::read($build->specification)->specification;
            $read === null || $this->sync->kit($build, $this->drafting->draft($read, $build));
        }
    }

    /** A piece from stock goes into an instrument, in the place of nothing: what was there has left it before. */
    public function install(?Person $by, MadePiece $piece, Build $build): void
    {
        if ($piece->state !== PieceState::InStock) {
            throw Refused::because("{$piece->name()} is not in stock any more: ".($piece->build === null ? 'it was written off.' : "it is in {$piece->build->number}."), 'piece');
        }
        $route = $this->routes->of($build);
        foreach ($piece->kinds as $kind) {
            $there = Thing::of($kind, $route);
            $places = array_filter($route, static fn (Step $step): bool => $step->isOnlyOn($there));
            if ($places === []) {
                throw Refused::because("{$build->name()} has no place for a {$kind->value}.", 'piece');
            }
            if ($there->isBegun()) {
                throw Refused::because("On {$there->words()} of {$build->number} work has begun. It has to leave first.", 'piece');
            }
        }
        $operations = Operation::query()->where('build_id', $build->id)->orderBy('position')->get()->keyBy('key');
        $first = $operations->get(Thing::of($piece->kind, $route)->own()[0]->key ?? '');
        foreach ($piece->done as $key => $state) {
            $here = $operations->get($key);
            $here === null || PieceRecords::putState($here, $state, $piece->id);
            $this->along((int) $state['operation'], (int) $state['round'], $here ?? $first, $piece);
        }
        Blank::query()->whereIn('kit_line_id', KitLine::query()->where('piece_id', $piece->id)->select('id'))->update(['build_id' => $build->id]);
        KitLine::query()->where('piece_id', $piece->id)->update(['build_id' => $build->id, 'piece_id' => null, 'surplus' => false]);
        $this->notNeeded($build, Thing::of($piece->kind, $this->routes->of($build)), $piece->id);
        $this->measures($by, $piece, $build);
        $piece->update(['state' => PieceState::Used, 'build_id' => $build->id, 'place' => '', 'version' => $piece->version + 1]);
    }

    /** Readings, decisions and hours of an operation go with it. */
    private function along(int $from, int $round, ?Operation $to, MadePiece $piece): void
    {
        if ($to === null) {
            return;
        }
        foreach ([Reading::class, GateDecision::class] as $records) {
            $records::query()->where('operation_id', $from)->where('round', $round)->update(['operation_id' => $to->id, 'round' => $to->gate_round]);
        }
        TimeEntry::query()->where('operation_id', $from)->where('piece_id', $piece->id)->update(['operation_id' => $to->id, 'piece_id' => null, 'worked_for_id' => $from]);
    }

    /** Timber that was to be bought for it is not needed; what is there already is left over. */
    private function notNeeded(Build $build, Thing $thing, int $piece): void
    {
        $timber = array_map(static fn (PieceKind $kind): string => $kind->timber()->value, $thing->kinds);
        $lines = KitLine::query()->where('build_id', $build->id)->whereIn('group', $timber)->where('surplus', false)->where('used', 0)->where('written_off', 0)->get();
        foreach ($lines->filter(static fn (KitLine $line): bool => PieceRecords::belongs($line, $thing)) as $line) {
            $line->state === KitState::Needed ? $line->delete() : $line->update(['surplus' => true, 'version' => $line->version + 1]);
        }
    }

    private function measures(?Person $by, MadePiece $piece, Build $build): void
    {
        foreach ($piece->measured as $field => $value) {
            Measurement::query()->create([
                'build_id' => $build->id, 'kit_line_id' => null, 'part' => "{$piece->kind->piece()->value}, made here", 'field' => $field, 'value' => $value,
                'instrument' => "came with P{$piece->id}", 'person_id' => $by->id ?? $piece->person_id ?? Person::query()->value('id'), 'at' => $this->clock->now(),
            ]);
        }
    }
}
