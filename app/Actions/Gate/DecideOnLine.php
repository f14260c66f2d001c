<?php

declare(strict_types=1);

namespace App\Actions\Gate;

use App\Actions\Recording;
use App\Actions\Route\ChangeRoute;
use App\Actions\Setback\TellSetback;
use App\Actions\Setback\Told;
use App\Models\Build\Operation;
use App\Models\Build\OperationLink;
use App\Models\Build\RouteChange;
use App\Models\Gate\DecisionKind;
use App\Models\Gate\GateDecision;
use App\Models\People\Person;
use App\Models\Setback\SetbackState;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Inspection\Readings\GateSheet;
use Regimen\Inspection\Readings\LineState;
use Regimen\Inspection\Readings\ReadingText;
use Regimen\Inspection\Readings\ReadingVerdict;
use Regimen\Route\Operations\StepKey;
use Regimen\Setback\Mishap;
use Regimen\Setback\RemedyKind;
use Regimen\Units\Duration;

/** What is outside of its tolerance is accepted with a reason, or done over: then the next operations wait for that. */
final readonly class DecideOnLine
{
    public function __construct(
        private Recording $recording,
        private GateDesk $desk,
        private ChangeRoute $changeRoute,
        private CloseGate $closeGate,
        private TellSetback $tell,
        private Clock $clock,
    ) {
    }

    public function accept(Person $by, Operation $operation, string $line, string $because): void
    {
        $this->recording->keep(function () use ($by, $operation, $line, $because): void {
            $state = $this->outside($this->desk->open($operation), $line);
            $this->keep($by, $operation, $line, DecisionKind::Accepted, $because);
            $this->recording->log(
                $operation->build, $by, 'gate', "{$operation->name}: {$this->read($state)} accepted: {$because}",
            );
        });
    }

    /**
     * The operation's own work is done; what is done over comes next on the route, ends with the same readings, and what
     * waited for the operation waits for it.
     *
     * @param  string  $name  of what is done over
     */
    public function rework(
        Person $by, Operation $operation, int $version, string $line, string $name, Duration $labour, Duration $hold, string $because,
    ): void {
        $this->recording->keep(function () use ($by, $operation, $version, $line, $name, $labour, $hold, $because): void {
            Refused::ifStale($operation->version, $version, "“{$operation->name}”");
            $sheet = $this->desk->open($operation);
            $state = $this->outside($sheet, $line);
            $unread = array_filter($sheet->unread(), static fn (LineState $one): bool => $one->target->key() !== $line);
            if ($labour->minutes + $hold->minutes === 0) {
                throw Refused::because('Write how long it takes, for example 0:30.', 'labour');
            }
            $this->keep($by, $operation, $line, DecisionKind::Reworked, $because === '' ? $name : $because);
            $key = $this->put($by, $operation, $name, $labour, $hold);
            $this->asSetback($by, $operation, $this->read($state).($because === '' ? '' : " {$because}"), $name, $labour);
            $this->recording->log(
                $operation->build, $by, 'gate', "{$operation->name}: {$this->read($state)} to be reworked: {$name}, {$labour}."
                    .($unread === [] ? '' : ' The readings that are left are taken then.'),
            );
            $this->closeGate->close($by, $operation->refresh(), $sheet, "Done over as {$key}. ");
        });
    }

    /** Done over is a loss, and comes back among the setbacks. */
    private function asSetback(Person $by, Operation $operation, string $text, string $name, Duration $labour): void
    {
        $setback = $this->tell->keep($by, $operation->build, $operation, new Told(Mishap::OutOfTolerance, null, ucfirst(rtrim($text, ',')).'.'));
        $setback->update([
            'state' => SetbackState::Decided, 'remedy' => ['do' => RemedyKind::Mend->value, 'name' => $name], 'remedy_words' => $name, 'added_minutes' => $labour->minutes,
            'decided_by' => $by->id, 'decided_at' => $this->clock->now(), 'version' => $setback->version + 1,
        ]);
        Operation::query()->where('build_id', $operation->build_id)->where('key', 'like', "rework.%.{$operation->key}")->whereNull('setback_id')->update(['setback_id' => $setback->id]);
    }

    /** @return string the name of the new operation */
    private function put(Person $by, Operation $operation, string $name, Duration $labour, Duration $hold): string
    {
        $build = $operation->build->refresh();
        $number = RouteChange::query()->where('build_id', $build->id)->count() + 1;
        $after = OperationLink::query()->where('before_id', $operation->id)->pluck('after_id');
        $this->changeRoute->make($by, $build, $build->route_version, [
            'kind' => 'add', 'key' => StepKey::rework($operation->key, $number), 'name' => $name, 'stage' => $operation->stage->value,
            'pieces' => array_map(static fn ($piece): string => $piece->value, $operation->pieces), 'set_up' => 0,
            'labour' => $labour->minutes, 'hold' => $hold->minutes, 'skill' => $operation->skill, 'station' => $operation->station,
            'fixture' => $hold->minutes > 0 ? $operation->fixture : null, 'after' => [$operation->key],
            'before' => Operation::query()->whereKey($after)->pluck('key')->all(),
        ], 'A reading at the gate lies outside of its tolerance.');

        return $name;
    }

    private function outside(GateSheet $sheet, string $line): LineState
    {
        $state = GateDesk::line($sheet, $line);
        if ($state->verdict !== ReadingVerdict::Outside) {
            throw Refused::because("“{$state->target->what}” is not outside of its tolerance; there is nothing to decide.", 'gate');
        }
        if ($sheet->isDecided($state)) {
            throw Refused::because("On “{$state->target->what}” was decided already. Nothing was changed.", 'gate');
        }

        return $state;
    }

    private function keep(Person $by, Operation $operation, string $line, DecisionKind $kind, string $because): void
    {
        GateDecision::query()->create([
            'operation_id' => $operation->id, 'round' => $operation->gate_round, 'line' => $line, 'kind' => $kind, 'reason' => $because,
            'up_to' => GateDesk::lastReading($operation), 'person_id' => $by->id, 'at' => $this->clock->now(),
        ]);
    }

    private function read(LineState $state): string
    {
        return $state->target->what.' '.ReadingText::shown((float) $state->value(), $state->target->unit).", wanted {$state->target->words},";
    }
}
