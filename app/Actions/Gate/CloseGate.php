<?php

declare(strict_types=1);

namespace App\Actions\Gate;

use App\Actions\Bench\Interruptions;
use App\Actions\Recording;
use App\Actions\Work\FinishLabour;
use App\Actions\Work\StopClock;
use App\Models\Build\Measurement;
use App\Models\Build\Operation;
use App\Models\Gate\DecisionKind;
use App\Models\Gate\GateDecision;
use App\Models\People\Person;
use App\Planning\Specification\AsMade;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Inspection\Readings\GateSheet;
use Regimen\Inspection\Readings\LineState;
use Regimen\Inspection\Readings\ReadingText;

/**
 * A gate is closed when everything was read and lies inside, or was decided on: that marks its operation done, and what
 * was measured takes the place of what was drawn.
 */
final readonly class CloseGate
{
    public function __construct(
        private Recording $recording, private GateDesk $desk, private AsMade $asMade, private FinishLabour $finish,
        private StopClock $stopClock, private Clock $clock,
    ) {
    }

    public function __invoke(Person $by, Operation $operation, int $version): void
    {
        $this->recording->keep(function () use ($by, $operation, $version): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            $sheet = $this->desk->open($operation);
            self::mustBeWhole($sheet);
            $this->close($by, $operation, $sheet, 'Gate closed: ');
        });
    }

    /** A manager lets it through with a reason, whatever was read. */
    public function letThrough(Person $by, Operation $operation, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $operation, $version, $because): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            $sheet = $this->desk->open($operation);
            GateDecision::query()->create([
                'operation_id' => $operation->id, 'round' => $operation->gate_round, 'line' => '', 'kind' => DecisionKind::LetThrough,
                'reason' => $because, 'up_to' => GateDesk::lastReading($operation), 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->close($by, $operation, $sheet, "Gate let through: {$because} ");
        });
    }

    /** Inside of another action: what is decided on closes it. */
    public function close(Person $by, Operation $operation, GateSheet $sheet, string $words): void
    {
        $operation->update(['gate_closed_at' => $this->clock->now()]);
        $build = $operation->build;
        foreach ($this->asMade->says($operation, $sheet) as $field => $value) {
            Measurement::query()->create([
                'build_id' => $build->id, 'kit_line_id' => null, 'part' => $operation->name, 'field' => $field, 'value' => $value,
                'instrument' => '', 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
        }
        $this->recording->log($build, $by, 'gate', trim("{$operation->name}: {$words}".implode('; ', array_map(
            static fn (LineState $line): string => $line->target->what.' '.($line->value() === null ? 'not read' : ReadingText::shown($line->value(), $line->target->unit)),
            $sheet->lines,
        ))).'.');
        $this->stopOwnClock($by, $operation);
        ($this->finish)($by, $operation, $operation->version);
    }

    /** Whoever closes it has ended its work. */
    private function stopOwnClock(Person $by, Operation $operation): void
    {
        $running = Interruptions::running($by);
        if ($running !== null && $running->operation_id === $operation->id) {
            ($this->stopClock)($by, $running->id, null);
            $operation->refresh();
        }
    }

    private static function mustBeWhole(GateSheet $sheet): void
    {
        $words = static fn (array $lines): string => implode(', ', array_map(static fn (LineState $one): string => "“{$one->target->what}”", $lines));
        $unread = $sheet->unread();
        if ($unread !== []) {
            throw Refused::because('Still to be read: '.$words($unread).'.', 'gate');
        }
        $outside = $sheet->outside();
        if ($outside !== []) {
            throw Refused::because('Outside of the tolerance: '.$words($outside).'. Accept it with a reason, rework it, or scrap the piece.', 'gate');
        }
    }
}
