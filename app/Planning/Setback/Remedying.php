<?php

declare(strict_types=1);

namespace App\Planning\Setback;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\SpecificationRevision;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Setback\Setback;
use App\Planning\Pieces\PieceMoves;
use App\Planning\Pieces\PieceRecords;
use App\Planning\Pieces\RouteSoFar;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Costing\KitState;
use Regimen\Findings\Fix;
use Regimen\Setback\PieceKind;
use Regimen\Setback\RemedyKind;
use Regimen\Setback\Thing;

/** Does what is decided about a setback, inside an action's transaction or in a copy of the shop. */
final readonly class Remedying
{
    public function __construct(
        private PieceMoves $moves,
        private MendOnRoute $mend,
        private WithWhatIsLeft $left,
        private RouteSoFar $routes,
        private Drafting $drafting,
        private RouteSync $sync,
        private Clock $clock,
    ) {
    }

    public function do(?Person $by, Setback $setback, RemedyAsked $asked): void
    {
        match ($asked->kind) {
            RemedyKind::Mend => $this->mend->put($by, $setback, $asked),
            RemedyKind::Again => $this->old($by, $setback, $asked, again: true),
            RemedyKind::FromStock => $this->fromStock($by, $setback, $asked),
            RemedyKind::FromBuild => $this->fromBuild($by, $setback, $asked),
            RemedyKind::TakeWhatIsLeft => $this->takeWhatIsLeft($by, $setback, $asked),
            RemedyKind::WriteOff => $this->writeOff($by, $setback),
            RemedyKind::Keep, RemedyKind::Wait => null,
        };
    }

    /** What is replaced leaves the instrument. */
    private function old(?Person $by, Setback $setback, RemedyAsked $asked, bool $again): MadePiece
    {
        $spoiled = $setback->operation_key === '' ? [] : [$setback->operation_key];

        return $this->moves->leave($by, $setback->build, $this->thing($setback), $setback, [
            'state' => $asked->keepsOld ? PieceState::InStock : PieceState::WrittenOff, 'spoiled' => $spoiled, 'place' => $asked->place,
            'goodTo' => $setback->fret === null ? null : max(0, $setback->fret - 1),
        ], $again);
    }

    private function fromStock(?Person $by, Setback $setback, RemedyAsked $asked): void
    {
        $this->old($by, $setback, $asked, again: false);
        $this->moves->install($by, MadePiece::query()->with(['madeFor', 'revision', 'build'])->findOrFail((int) $asked->option), $setback->build);
        $this->moves->completeKit($setback->build);
    }

    /** The other build makes another, as if this one had never been begun there. */
    private function fromBuild(?Person $by, Setback $setback, RemedyAsked $asked): void
    {
        $other = Build::query()->with('specification')->where('number', (int) $asked->option)->firstOrFail();
        $this->old($by, $setback, $asked, again: false);
        $taken = $this->moves->leave($by, $other, $this->routes->thing($other, $this->kind($setback)), null, ['state' => PieceState::InStock], again: true);
        $this->moves->install($by, $taken->load(['madeFor', 'build']), $setback->build);
        $this->moves->completeKit($setback->build, $other);
    }

    private function thing(Setback $setback): Thing
    {
        return $this->routes->thing($setback->build, $this->kind($setback));
    }

    private function kind(Setback $setback): PieceKind
    {
        return $setback->piece ?? throw Refused::because('It was not said on which piece it happened. Say that first.', 'remedy');
    }

    /** A revision of its own, released at once: the bench goes on with what there is. */
    private function takeWhatIsLeft(?Person $by, Setback $setback, RemedyAsked $asked): void
    {
        $build = $setback->build;
        foreach ($this->left->of($setback) as $left) {
            if ($left->key === $asked->option) {
                $revision = $build->specification;
                $now = $this->clock->now();
                SpecificationRevision::query()->create([
                    'build_id' => $build->id, 'number' => $revision->number + 1, 'client' => (new Fix('', $left->changes))->appliedTo($revision->client, $revision->house),
                    'house' => $revision->house, 'person_id' => $by->id ?? $setback->person_id, 'at' => $now, 'released_at' => $now, 'released_by' => $by->id ?? $setback->person_id,
                ]);
                $build->load('specification');
                $this->sync->apply($build, $this->drafting->draft(Revisions::read($build->specification)->orFail(), $build));
            }
        }
    }

    /** Hours and what was used are lost; what was not used yet is left over, and stays in the shop. */
    private function writeOff(?Person $by, Setback $setback): void
    {
        $build = $setback->build;
        $operations = Operation::query()->where('build_id', $build->id)->get();
        $by === null || PieceRecords::clocksMustBeStopped($operations, 'remedy');
        TimeEntry::query()->whereIn('operation_id', $operations->modelKeys())->whereNull('struck_at')->whereNull('setback_id')->whereNull('piece_id')
            ->update(['setback_id' => $setback->id]);
        foreach (KitLine::query()->where('build_id', $build->id)->whereNull('piece_id')->get() as $line) {
            $this->endLine($setback, $line);
        }
        $build->update(['status' => BuildStatus::WrittenOff, 'finished_at' => $this->clock->now(), 'version' => $build->version + 1]);
    }

    private function endLine(Setback $setback, KitLine $line): void
    {
        if ($line->state === KitState::Needed) {
            $line->delete();
        } elseif ($line->used > 0) {
            $rest = $line->left();
            $lost = (int) round($line->costMinor() * $line->used / $line->quantity);
            $setback->increment('lost_material_minor', $lost);
            $line->update([
                'written_off' => round($line->written_off + $line->used, 3), 'used' => 0, 'surplus' => $rest > 0, 'setback_id' => $setback->id, 'version' => $line->version + 1,
            ]);
        } else {
            $line->update(['surplus' => true, 'version' => $line->version + 1]);
        }
    }
}
