<?php

declare(strict_types=1);

namespace App\Actions\Setback;

use App\Actions\Bench\DoneHere;
use App\Actions\Bench\Photographs;
use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Picture;
use App\Support\Refused;
use Carbon\CarbonImmutable;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\MadeHere;
use Regimen\Instrument\Reading\FieldReader;
use Regimen\Instrument\Specification;
use Regimen\Route\OperationState;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;
use Regimen\Units\InvalidQuantity;

/** Something is wrong: it is written down, stops one's own clock on it, and waits for somebody to decide. */
final readonly class TellSetback
{
    public function __construct(private Recording $recording, private DoneHere $doneHere, private Photographs $photographs, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Build $build, ?Operation $operation, Told $told, ?Picture $picture = null): Setback
    {
        return $this->recording->keep(function () use ($by, $build, $operation, $told, $picture): Setback {
            $this->mustMakeSense($build, $operation, $told);
            $operation === null || $this->doneHere->stopOwnClock($by, $operation);
            $setback = $this->keep($by, $build, $operation, $told);
            if ($picture !== null) {
                $at = $operation ?? $build->operations()->firstOrFail();
                $this->photographs->keep($by, $at, $picture, $setback->text, null, setback: $setback);
            }
            $where = implode(', ', array_filter([$operation === null ? '' : $operation->name, $setback->piece === null ? '' : "the {$setback->piece->value}"]));
            $this->recording->log($build, $by, 'setback', 'Something is wrong'.($where === '' ? '' : " at {$where}").": {$setback->text}".($picture === null ? '' : ' With a photograph.'));

            return $setback;
        });
    }

    /** Inside of another action, which decides on it at once. */
    public function keep(Person $by, Build $build, ?Operation $operation, Told $told): Setback
    {
        $specification = Revisions::read($build->specification)->specification;
        $piece = $told->piece ?? self::pieceOf($operation, $told->mishap);

        return Setback::query()->create([
            'build_id' => $build->id, 'operation_id' => $operation?->id, 'operation_key' => $operation->key ?? '', 'station' => $operation->station ?? '',
            'timber' => $piece === null || $specification === null ? '' : self::timber($specification, $piece),
            'piece' => $piece, 'mishap' => $told->mishap, 'cause' => $told->cause ?? $told->mishap->usualCause(),
            'text' => $told->text === '' ? ucfirst($told->mishap->words()) : $told->text, 'fret' => $told->fret, 'field' => $told->field, 'value' => $told->value,
            'resource_id' => $told->resource, 'until' => $told->until, 'at' => $told->at ?? $this->clock->now(), 'told_at' => $this->clock->now(),
            'person_id' => $by->id, 'worker_id' => $told->mishap === Mishap::Ill ? $by->id : $operation?->person_id, 'state' => SetbackState::Open,
        ])->refresh();
    }

    private function mustMakeSense(Build $build, ?Operation $operation, Told $told): void
    {
        if ($build->status !== BuildStatus::Open) {
            throw Refused::because("{$build->name()} is ".($build->status === BuildStatus::Finished ? 'delivered' : 'not in the making any more').'; what is wrong with it now is a repair.', 'text');
        }
        if ($operation !== null && $operation->build_id !== $build->id) {
            throw Refused::because('That operation belongs to another instrument.', 'operation');
        }
        if ($operation !== null && $operation->state === OperationState::Open && ! $told->mishap->isDelay()) {
            throw Refused::because("“{$operation->name}” has not begun, so nothing went wrong at it. Choose the operation at which it happened, or none.", 'operation');
        }
        if ($told->mishap === Mishap::Other && $told->text === '') {
            throw Refused::because('Write in a few words what is wrong.', 'text');
        }
        $this->mustBeThere($build, $told);
        $this->timesMustFit($build, $told);
        self::measureMustBeReadable($told);
    }

    private function mustBeThere(Build $build, Told $told): void
    {
        if ($told->piece !== null && $told->mishap->pieces() !== [] && ! in_array($told->piece, $told->mishap->pieces(), true)) {
            throw Refused::because(ucfirst($told->mishap->words())." does not happen on a {$told->piece->value}.", 'piece');
        }
        $specification = Revisions::read($build->specification)->specification;
        if ($told->piece === PieceKind::Top && $specification?->isLayered() !== true) {
            throw Refused::because("{$build->number} has no top of its own: its body is one layer.", 'piece');
        }
        $frets = $specification->board->frets ?? 0;
        if ($told->fret !== null && ($told->fret < 1 || $told->fret > $frets)) {
            throw Refused::because("{$build->number} has {$frets} frets.", 'fret');
        }
        if ($told->mishap === Mishap::MachineDown && $told->resource === null) {
            throw Refused::because('Say which machine it is.', 'resource');
        }
    }

    private function timesMustFit(Build $build, Told $told): void
    {
        $at = $told->at ?? $this->clock->now();
        if ($at > $this->clock->now()->addMinutes(5)) {
            throw Refused::because('That lies ahead; what goes wrong is told when it has happened.', 'at');
        }
        if ($at < $build->ordered_at->subDay()) {
            throw Refused::because("{$build->number} was not begun then.", 'at');
        }
        if ($told->mishap->isDelay() && $told->mishap !== Mishap::TooCold && ($told->until === null || $told->until <= CarbonImmutable::instance($at))) {
            throw Refused::because('Say until when, as well as it is known.', 'until');
        }
    }

    private static function measureMustBeReadable(Told $told): void
    {
        if ($told->field === '') {
            return;
        }
        $allowed = $told->piece === null ? [] : MadeHere::from($told->piece->piece()->value)->measured();
        $field = AsMeasured::field($told->field);
        if ($field === null || ! in_array($told->field, $allowed, true)) {
            throw Refused::because('That is not measured on this piece.', 'field');
        }
        try {
            FieldReader::read($field, $told->value);
        } catch (InvalidQuantity $wrong) {
            throw Refused::because($wrong->getMessage(), 'value');
        }
        if (trim($told->value) === '') {
            throw Refused::because('Write what it measures now.', 'value');
        }
    }

    /** An operation on one piece alone says which it is. */
    private static function pieceOf(?Operation $operation, Mishap $mishap): ?PieceKind
    {
        if ($mishap->isDelay()) {
            return null;
        }

        return match (true) {
            count($mishap->pieces()) === 1 => $mishap->pieces()[0],
            $operation !== null && in_array($operation->key, PieceKind::ofTop(), true) => PieceKind::Top,
            $operation !== null && count($operation->pieces) === 1 => PieceKind::of($operation->pieces[0]),
            default => null,
        };
    }

    private static function timber(Specification $s, PieceKind $piece): string
    {
        return match ($piece) {
            PieceKind::Neck => $s->neck->neckTimber->name,
            PieceKind::Fretboard => $s->board->boardTimber->name,
            PieceKind::Top => $s->bodywork->layers[0]->timber->name,
            PieceKind::Body => $s->bodywork->layers[count($s->bodywork->layers) - 1]->timber->name,
        };
    }
}
