<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Actions\Route\ChangeRoute;
use App\Actions\Work\Finishing;
use App\Actions\Work\Readiness;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Parts\SentWork;
use App\Models\Parts\Supplier;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\Edits\SendOut;
use Regimen\Route\OperationState;
use Regimen\Units\Money;

/** Work that is done elsewhere: agreed on, sent, back again and looked at. What it costs stands in the kit. */
final readonly class SendWork
{
    public function __construct(
        private Recording $recording, private ChangeRoute $route, private Readiness $readiness, private Finishing $finishing, private House $house, private Clock $clock,
    ) {
    }

    /**
     * @param  list<string>  $also  keys of operations that are done there along with it
     * @param  array{what: string, note: string, lead_days: int}  $said
     */
    public function agree(Person $by, Build $build, int $version, string $key, array $also, Supplier $supplier, array $said, Money $cost): SentWork
    {
        return $this->recording->keep(function () use ($by, $build, $version, $key, $also, $supplier, $said, $cost): SentWork {
            if (! $supplier->canBeReached()) {
                throw Refused::because("“{$supplier->name}” has neither a mail address nor a postal one. Write one down under Suppliers first.", 'supplier');
            }
            $operation = Operation::query()->where('build_id', $build->id)->where('key', $key)->first();
            if ($operation === null || $operation->state !== OperationState::Open) {
                throw Refused::because('Only what is not begun yet can be done elsewhere.', 'operation');
            }
            if ($operation->way === SendOut::WAY) {
                throw Refused::because("“{$operation->name}” is sent out already.", 'operation');
            }
            $change = $this->route->make($by, $build, $version, [
                'kind' => 'send-out', 'key' => $key, 'to' => $supplier->name, 'away' => 1_440 * $said['lead_days'], 'also' => $also,
            ], "done by {$supplier->name}");
            $line = KitLine::query()->create([
                'build_id' => $build->id, 'group' => PartGroup::Consumables, 'name' => "{$said['what']}, by {$supplier->name}", 'quantity' => 1, 'unit' => KitLine::DONE_ELSEWHERE, 'supplier' => $supplier->name,
                'estimated_minor' => $cost->minor, 'cost_minor' => $cost->minor, 'lead_days' => $said['lead_days'], 'state' => KitState::Arrived,
            ]);
            $work = SentWork::query()->create([
                ...$said, 'build_id' => $build->id, 'operation_id' => $operation->id, 'supplier_id' => $supplier->id, 'route_change_id' => $change->id, 'kit_line_id' => $line->id, 'cost_minor' => $cost->minor,
                'ordered_on' => $this->today(), 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->recording->log($build, $by, 'route', "Agreed with {$supplier->name}: {$said['what']}, ".Say::count($said['lead_days'], 'day').", {$cost}.");

            return $work->refresh();
        });
    }

    /** It is on its way. */
    public function dispatch(Person $by, SentWork $work, int $version): void
    {
        $this->recording->keep(function () use ($by, $work, $version): void {
            $operation = $this->mustBeUnderWay($work, $version);
            if ($work->dispatched_on !== null) {
                throw Refused::because("“{$work->what}” is away since ".Say::day($work->dispatched_on).'. Nothing was changed.');
            }
            $this->readiness->mustBeReady($operation, 'conflict');
            if (TimeEntry::query()->where('operation_id', $operation->id)->whereNull('minutes')->whereNull('struck_at')->exists()) {
                throw Refused::because("A clock still runs on “{$operation->name}”. Stop it first, so that the hours are recorded.");
            }
            $now = $this->clock->now();
            $expected = $now->setTimezone($this->house->zone())->addDays($work->lead_days)->toDateString();
            $operation->update([
                'state' => OperationState::Holding, 'started_at' => $operation->started_at ?? $now, 'person_id' => $operation->person_id ?? $by->id, 'labour_done_at' => $now,
                'hold_until' => $this->endOf($expected), 'is_away' => true, 'version' => $operation->version + 1,
            ]);
            $work->update(['dispatched_on' => $this->today(), 'expected_on' => $expected, 'version' => $work->version + 1]);
            $work->kitLine?->update(['ordered_on' => $this->today(), 'version' => $work->kitLine->version + 1]);
            $this->recording->log($work->build, $by, 'route', "Sent to {$work->supplier->name}: {$work->what}; back by ".Say::day($expected).'.');
            $this->recording->planAnew("{$work->build->number} {$work->what} is away");
        });
    }

    /** Another day was given. */
    public function expect(Person $by, SentWork $work, int $version, string $day): void
    {
        $this->recording->keep(function () use ($by, $work, $version, $day): void {
            $operation = $this->mustBeUnderWay($work, $version);
            if ($work->dispatched_on === null) {
                throw Refused::because("“{$work->what}” is not sent yet.", 'expected_on');
            }
            $this->backBy($work, $operation, $day);
            $this->recording->log($work->build, $by, 'route', "{$work->supplier->name}: {$work->what} now back by ".Say::day($day).'.');
            $this->recording->planAnew("{$work->build->number} {$work->what} comes back on another day");
        });
    }

    /** It is back and was looked at; what is not right goes again. */
    public function back(Person $by, SentWork $work, int $version, string $checked, ?string $againBy, ?Money $cost): void
    {
        $this->recording->keep(function () use ($by, $work, $version, $checked, $againBy, $cost): void {
            $operation = $this->mustBeUnderWay($work, $version);
            if ($work->dispatched_on === null) {
                throw Refused::because("“{$work->what}” was not sent, so that it cannot be back.", 'checked');
            }
            if ($againBy !== null) {
                $this->backBy($work, $operation, $againBy);
                $work->update(['checked' => $checked]);
                $this->recording->log($work->build, $by, 'route', "Back and not right, so sent to {$work->supplier->name} again: {$work->what}, {$checked}; back by ".Say::day($againBy).'.');
                $this->recording->planAnew("{$work->build->number} {$work->what} is away again");

                return;
            }
            $now = $this->clock->now();
            $operation->update(['state' => OperationState::Done, 'hold_until' => $now, 'is_away' => false, 'gate_closed_at' => $operation->gate_closed_at ?? $now, 'version' => $operation->version + 1]);
            $work->update(['returned_on' => $this->today(), 'checked' => $checked, 'cost_minor' => $cost->minor ?? $work->cost_minor, 'version' => $work->version + 1]);
            $work->kitLine?->update(['state' => KitState::Used, 'used' => 1, 'arrived_on' => $this->today(), 'cost_minor' => $work->cost_minor, 'version' => $work->kitLine->version + 1]);
            $this->recording->log($work->build, $by, 'done', "Back from {$work->supplier->name} and looked at: {$work->what}, {$checked}.");
            $this->finishing->ifLast($work->build, $by);
            $this->recording->planAnew("{$work->build->number} {$work->what} is back");
        });
    }

    /** It is done here after all, as long as it has not gone. */
    public function callOff(Person $by, SentWork $work, int $version): void
    {
        $this->recording->keep(function () use ($by, $work, $version): void {
            $this->mustBeUnderWay($work, $version);
            if ($work->dispatched_on !== null) {
                throw Refused::because("“{$work->what}” is away already. Take it back first.");
            }
            $work->update(['called_off_at' => $this->clock->now(), 'version' => $work->version + 1]);
            $work->kitLine?->update(['surplus' => true, 'cost_minor' => 0, 'state' => KitState::Used, 'used' => 1, 'version' => $work->kitLine->version + 1]);
            $this->route->undo($by, $work->build, $work->build->route_version, $work->routeChange);
            $this->recording->log($work->build, $by, 'route', "Not sent out after all: {$work->what}.");
        });
    }

    private function backBy(SentWork $work, Operation $operation, string $day): void
    {
        $work->update(['expected_on' => $day, 'version' => $work->version + 1]);
        $operation->update(['hold_until' => $this->endOf($day), 'version' => $operation->version + 1]);
    }

    private function mustBeUnderWay(SentWork $work, int $version): Operation
    {
        Refused::ifStale($work->version, $version, "“{$work->what}”");
        if ($work->returned_on !== null || $work->called_off_at !== null) {
            throw Refused::because("“{$work->what}” is ".($work->returned_on === null ? 'not sent out any more' : 'back already').'. Nothing was changed.');
        }
        $operation = $work->operation_id === null ? null : Operation::query()->with('build')->find($work->operation_id);

        return $operation ?? throw Refused::because("The route of {$work->build->name()} does without it by now. Call the work off.");
    }

    private function endOf(string $day): \Carbon\CarbonImmutable
    {
        return Minutes::toInstant(Minutes::endOfDay($day, $this->house->zone()));
    }

    private function today(): string
    {
        return $this->clock->today($this->house->zone());
    }
}
