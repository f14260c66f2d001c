<?php

declare(strict_types=1);

namespace App\Actions\Gate;

use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\Changes\Kinds\UseRemedy;
use App\Actions\Plan\MakeChange;
use App\Actions\Recording;
use App\Actions\Setback\TellSetback;
use App\Actions\Setback\Told;
use App\Models\Build\Operation;
use App\Models\Gate\DecisionKind;
use App\Models\Gate\GateDecision;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Route\Standards\Piece;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;
use Regimen\Setback\RemedyKind;

/** A piece is beyond mending at its gate: a setback that is told and decided at once, and another is made. */
final readonly class ScrapPiece
{
    public function __construct(
        private Recording $recording, private GateDesk $desk, private TellSetback $tell, private MakeChange $makeChange, private Changes $changes, private Clock $clock,
    ) {
    }

    public function __invoke(Person $by, Operation $operation, int $version, Piece $piece, string $because): void
    {
        $this->recording->keep(function () use ($by, $operation, $version, $piece, $because): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            $this->desk->open($operation);
            if (! in_array($piece, $operation->pieces, true)) {
                throw Refused::because("“{$operation->name}” is not done on the {$piece->value}.", 'piece');
            }
            GateDecision::query()->create([
                'operation_id' => $operation->id, 'round' => $operation->gate_round, 'line' => '', 'kind' => DecisionKind::Scrapped,
                'reason' => $because, 'up_to' => GateDesk::lastReading($operation), 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $setback = $this->tell->keep($by, $operation->build, $operation, new Told(
                Mishap::OutOfTolerance, PieceKind::of($piece), "The {$piece->value} is scrapped at “{$operation->name}”: ".rtrim($because, '.').'.',
            ));
            $this->makeChange->make($by, [$this->changes->of([
                'kind' => UseRemedy::kind(), 'setback' => $setback->id, 'remedy' => ['do' => RemedyKind::Again->value, 'old' => 'write-off'],
            ])]);
            // What was read of it before its own work began is not read of the next one either.
            $round = $operation->gate_round;
            if ($operation->refresh()->gate_round === $round) {
                $operation->update(['gate_round' => $round + 1, 'version' => $operation->version + 1]);
            }
        });
    }
}
