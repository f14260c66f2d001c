<?php

declare(strict_types=1);

namespace App\Actions\Setback;

use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Setback\Cause;
use Regimen\Setback\Mishap;

/** A piece in stock: where it lies, and when it is written off after all. */
final readonly class KeepPiece
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function place(Person $by, MadePiece $piece, int $version, string $place): void
    {
        $this->recording->keep(function () use ($by, $piece, $version, $place): void {
            $this->mustBeInStock($piece, $version);
            $piece->update(['place' => $place, 'version' => $piece->version + 1]);
            $this->recording->log($piece->madeFor, $by, 'piece', "{$piece->name()}, lies at: {$place}.");
        });
    }

    /** Its hours and its timber go to the loss account, with the setback that freed it or one of its own. */
    public function writeOff(Person $by, MadePiece $piece, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $piece, $version, $because): void {
            $this->mustBeInStock($piece, $version);
            $setback = Setback::query()->find($piece->setback_id) ?? Setback::query()->create([
                'build_id' => $piece->made_for_id, 'piece' => $piece->kind, 'mishap' => Mishap::Other, 'cause' => Cause::Unknown, 'text' => "{$piece->name()}, is written off: {$because}",
                'at' => $this->clock->now(), 'told_at' => $this->clock->now(), 'person_id' => $by->id, 'state' => SetbackState::Decided, 'remedy_words' => $because,
                'decided_by' => $by->id, 'decided_at' => $this->clock->now(),
            ]);
            TimeEntry::query()->where('piece_id', $piece->id)->update(['piece_id' => null, 'setback_id' => $setback->id]);
            $lines = KitLine::query()->where('piece_id', $piece->id)->get();
            $setback->increment('lost_material_minor', (int) $lines->sum(static fn (KitLine $line): int => $line->costMinor()));
            $lines->each(static fn (KitLine $line): bool => $line->update(['piece_id' => null, 'setback_id' => $setback->id, 'used' => 0, 'written_off' => $line->quantity, 'version' => $line->version + 1]));
            $piece->update(['state' => PieceState::WrittenOff, 'setback_id' => $setback->id, 'words' => $because, 'version' => $piece->version + 1]);
            $this->recording->log($piece->madeFor, $by, 'piece', "{$piece->name()}, is written off: {$because}");
        });
    }

    private function mustBeInStock(MadePiece $piece, int $version): void
    {
        if ($piece->state !== PieceState::InStock) {
            throw Refused::because("{$piece->name()}, is not in stock any more: ".($piece->state === PieceState::WrittenOff ? 'it was written off already' : 'it is in '.($piece->build->number ?? 'another instrument')).'. Nothing was changed.', 'because');
        }
        Refused::ifStale($piece->version, $version, $piece->name());
    }
}
