<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\Pin;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Route\OperationState;

/** An operation is pinned to a person, to a day, behind another operation; or to nothing any more. */
final readonly class PinOperation implements Change, KeepsThePlan, Lapses
{
    public function __construct(private Body $body, private House $house)
    {
    }

    public function words(): string
    {
        $after = $this->body->maybeWhole('after');
        $to = array_filter([
            $this->body->maybeWhole('person') === null
                ? null
                : 'to '.Person::query()->findOrFail($this->body->whole('person'))->name,
            $this->body->maybe('day') === null ? null : 'to '.Say::day($this->body->text('day')),
            $after === null ? null : 'behind '.self::named(Operation::query()->with('build')->findOrFail($after)),
        ]);

        return self::named($this->operation()).(
            $to === [] ? ' is not pinned any more.' : ' pinned '.implode(' and ', $to).'.'
        );
    }

    public function make(?Person $by): array
    {
        $operation = $this->operation();
        $after = $this->body->maybeWhole('after');
        $lapsed = $this->lapsed();
        if ($lapsed !== null) {
            throw Refused::because(rtrim($lapsed, '.').'; only what has not begun can be pinned.', 'operation');
        }
        if ($after === $operation->id) {
            throw Refused::because('It cannot come behind itself.', 'after');
        }
        $before = Pin::query()->find($operation->id);
        Pin::query()->where('operation_id', $operation->id)->delete();
        $pin = [
            'person_id' => $this->body->maybeWhole('person'), 'day' => $this->body->maybe('day'), 'after_id' => $after,
        ];
        if (array_filter($pin) !== []) {
            Pin::query()->insert(['operation_id' => $operation->id, ...$pin]);
        }

        return [
            'kind' => 'pin', 'operation' => $operation->id, 'person' => $before?->person_id, 'day' => $before?->day,
            'after' => $before?->after_id,
        ];
    }

    public function lapsed(): ?string
    {
        $operation = $this->operation();

        return $operation->state === OperationState::Open ? null : "“{$operation->name}” has begun.";
    }

    public function isAsPlanned(): bool
    {
        $entry = PlanEntry::query()->find($this->body->whole('operation'));
        [$person, $day, $after] = [
            $this->body->maybeWhole('person'), $this->body->maybe('day'), $this->body->maybeWhole('after'),
        ];
        $behind = $after === null ? null : PlanEntry::query()->find($after);
        if ($entry?->start === null || $person === null && $day === null && $after === null) {
            return false;
        }

        return ($person === null || $entry->person_id === $person)
            && ($day === null || $entry->start->setTimezone($this->house->zone())->format('Y-m-d') === $day)
            && (
                $after === null || $behind === null || $behind->work_end !== null && $behind->work_end <= $entry->start
            );
    }

    public function build(): Build
    {
        return $this->operation()->build;
    }

    private function operation(): Operation
    {
        return Operation::query()->with('build')->findOrFail($this->body->whole('operation'));
    }

    private static function named(Operation $operation): string
    {
        return "No. {$operation->build->number} {$operation->name}";
    }
}
