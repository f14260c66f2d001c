<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\KeepsThePlan;
use App\Actions\Plan\Changes\Lapses;
use App\Actions\Plan\Changes\Tools;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\Pin;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\Rule;
use Regimen\Route\OperationState;

/** An operation is pinned to a person, to a day, behind another operation; or to nothing any more. */
final readonly class PinOperation implements AskedFor, KeepsThePlan, Lapses
{
    use InPlan;

    /** @param  int|null  $after  the operation behind which it is put */
    public function __construct(
        private int $operation,
        private ?int $person,
        private ?string $day,
        private ?int $after,
        private House $house,
    ) {
    }

    public static function kind(): string
    {
        return 'pin';
    }

    public static function heading(): ?string
    {
        return null;
    }

    public static function fields(Asking $asking): array
    {
        $operation = ['integer', Rule::exists('operations', 'id')];

        return [
            AskedField::of('operation', 'operation', 'required', ...$operation),
            AskedField::of(
                'person', 'person', 'nullable', 'integer', Rule::exists('people', 'id')->where('active', true),
            ),
            AskedField::of('day', 'day', 'nullable', $asking->day()),
            AskedField::of('after', 'operation before', 'nullable', ...$operation),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self(
            $body->whole('operation'), $body->maybeWhole('person'), $body->maybe('day'), $body->maybeWhole('after'),
            $tools->house,
        );
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'operation' => $this->operation, 'person' => $this->person, 'day' => $this->day,
            'after' => $this->after,
        ];
    }

    public function words(): string
    {
        $to = array_filter([
            $this->person === null ? null : 'to '.Person::query()->findOrFail($this->person)->name,
            $this->day === null ? null : 'to '.Say::day($this->day),
            $this->after === null
                ? null
                : 'behind '.self::named(Operation::query()->with('build')->findOrFail($this->after)),
        ]);

        return self::named($this->operation()).(
            $to === [] ? ' is not pinned any more.' : ' pinned '.implode(' and ', $to).'.'
        );
    }

    public function make(?Person $by): self
    {
        $lapsed = $this->lapsed();
        if ($lapsed !== null) {
            throw Refused::because(rtrim($lapsed, '.').'; only what has not begun can be pinned.', 'operation');
        }
        if ($this->after === $this->operation) {
            throw Refused::because('It cannot come behind itself.', 'after');
        }
        $before = Pin::query()->find($this->operation);
        Pin::query()->where('operation_id', $this->operation)->delete();
        $pin = ['person_id' => $this->person, 'day' => $this->day, 'after_id' => $this->after];
        if (array_filter($pin) !== []) {
            Pin::query()->insert(['operation_id' => $this->operation, ...$pin]);
        }

        return new self($this->operation, $before?->person_id, $before?->day, $before?->after_id, $this->house);
    }

    public function lapsed(): ?string
    {
        $operation = $this->operation();

        return match (true) {
            $operation->state !== OperationState::Open => "“{$operation->name}” has begun.",
            $operation->build->status !== BuildStatus::Open => "{$operation->build->name()} is not in the making any more.",
            default => null,
        };
    }

    public function isAsPlanned(): bool
    {
        $entry = PlanEntry::query()->find($this->operation);
        [$person, $day, $after] = [$this->person, $this->day, $this->after];
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
        return Operation::query()->with('build')->findOrFail($this->operation);
    }

    private static function named(Operation $operation): string
    {
        return "No. {$operation->build->number} {$operation->name}";
    }
}
