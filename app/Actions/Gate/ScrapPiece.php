<?php

declare(strict_types=1);

namespace App\Actions\Gate;

use App\Actions\Kit\ReplacePart;
use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Build\Operation;
use App\Models\Gate\DecisionKind;
use App\Models\Gate\GateDecision;
use App\Models\Gate\Reading;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Inspection\MadeHere;
use Regimen\Parts\PartGroup;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Piece;

/**
 * A piece is beyond mending: another is made. What was worked on it stays recorded, its timber is written off and needed
 * again, and all that was done to it is to be done again.
 */
final readonly class ScrapPiece
{
    public function __construct(private Recording $recording, private GateDesk $desk, private ReplacePart $replacePart, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Operation $operation, int $version, Piece $piece, string $because): void
    {
        $this->recording->keep(function () use ($by, $operation, $version, $piece, $because): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            $this->desk->open($operation);
            if (! in_array($piece, $operation->pieces, true)) {
                throw Refused::because("“{$operation->name}” is not done on the {$piece->value}.", 'piece');
            }
            $again = $this->toDoAgain($operation, $piece);
            $this->clocksMustBeStopped($again);
            GateDecision::query()->create([
                'operation_id' => $operation->id, 'round' => $operation->gate_round, 'line' => '', 'kind' => DecisionKind::Scrapped,
                'reason' => $because, 'up_to' => GateDesk::lastReading($operation), 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $lost = 0;
            foreach ($again as $one) {
                $lost += (int) TimeEntry::query()->where('operation_id', $one->id)->whereNull('struck_at')->sum('minutes');
                $this->anew($one);
            }
            $this->forgetMeasures($operation->build, $piece, $again);
            $this->writeOff($by, $operation->build, $piece, $because);
            $this->recording->log(
                $operation->build, $by, 'setback',
                "The {$piece->value} is scrapped at “{$operation->name}”: ".rtrim($because, '.').'. '.Say::duration($lost).' of work are lost; '
                    .count($again).' operations are to be done again.',
            );
            $this->recording->planAnew("{$operation->build->number}: another {$piece->value}");
        });
    }

    /** @return list<Operation> all that was done to this piece alone, and the one at whose gate it failed */
    private function toDoAgain(Operation $operation, Piece $piece): array
    {
        return array_values(Operation::query()->where('build_id', $operation->build_id)->orderBy('position')->get()
            ->filter(static fn (Operation $one): bool => $one->is($operation) || (
                $one->state !== OperationState::Open && $one->pieces === [$piece] && ! $one->stage->isBeforeTheCut()
            ))->all());
    }

    /** @param  list<Operation>  $again */
    private function clocksMustBeStopped(array $again): void
    {
        $running = TimeEntry::query()->whereIn('operation_id', array_map(static fn (Operation $one): int => $one->id, $again))
            ->whereNull('minutes')->whereNull('struck_at')->with(['person', 'operation'])->first();
        if ($running !== null) {
            throw Refused::because("{$running->person->name}’s clock still runs on “{$running->operation->name}”. Stop it first.", 'gate');
        }
    }

    private function anew(Operation $one): void
    {
        $one->update([
            'state' => OperationState::Open, 'started_at' => null, 'person_id' => null, 'labour_done_at' => null, 'hold_until' => null,
            'runs_until' => null, 'gate_closed_at' => null, 'gate_round' => $one->gate_round + 1, 'version' => $one->version + 1,
        ]);
    }

    /**
     * What was measured on the piece says nothing of the next one.
     *
     * @param  list<Operation>  $again
     */
    private function forgetMeasures(Build $build, Piece $piece, array $again): void
    {
        $names = [...array_map(static fn (Operation $one): string => $one->name, $again), MadeHere::from($piece->value)->value.', made here'];
        Measurement::query()->where('build_id', $build->id)->whereIn('part', $names)->whereNull('kit_line_id')->delete();
        Reading::query()->whereIn('operation_id', array_map(static fn (Operation $one): int => $one->id, $again))->whereNull('struck_at')
            ->get()->each(fn (Reading $one): bool => $one->update(['struck_at' => $this->clock->now(), 'struck_because' => "the {$piece->value} was scrapped"]));
    }

    private function writeOff(Person $by, Build $build, Piece $piece, string $because): void
    {
        $group = match ($piece) {
            Piece::Neck => PartGroup::NeckTimber,
            Piece::Fretboard => PartGroup::FretboardTimber,
            Piece::Body => PartGroup::BodyTimber,
        };
        foreach (KitLine::query()->where('build_id', $build->id)->where('group', $group->value)->where('surplus', false)->get() as $line) {
            if ($line->state->isInTheShop() && $line->left() > 0) {
                ($this->replacePart)($by, $line, $line->version, $line->left(), $because);
            } elseif ($line->used > 0) {
                // It was used up by what is scrapped: what is needed again is bought again.
                $line->update(['used' => 0, 'version' => $line->version + 1]);
                ($this->replacePart)($by, $line->refresh(), $line->version, $line->left(), $because);
            }
        }
    }
}
