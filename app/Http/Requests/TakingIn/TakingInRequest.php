<?php

declare(strict_types=1);

namespace App\Http\Requests\TakingIn;

use App\Actions\TakingIn\OperationTakenIn;
use App\Actions\TakingIn\TakenIn;
use App\Http\Requests\ManagerRequest;
use App\Models\People\Person;
use App\Rules\Day;
use App\Rules\Moment;
use App\Rules\Typed;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Costing\KitState;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Stage;
use Regimen\Units\Duration;

/** What is known of an instrument on the bench. */
final class TakingInRequest extends ManagerRequest
{
    private const MOST_MINUTES = 60 * 2000;

    private const LONGEST_HOLD_DAYS = 180;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $hours = ['nullable', Typed::duration(self::MOST_MINUTES, 'More than 2000 hours is a mistake. Write hours, for example 12:30.')];

        return [
            'version' => ['required', 'integer'],
            'worker_id' => ['required', 'integer', Rule::exists('people', 'id')->where('active', true)],
            'hours' => ['nullable', 'array:'.implode(',', array_column(Stage::cases(), 'value'))],
            'hours.*' => $hours,
            'operations' => ['nullable', 'array', 'max:500'],
            'operations.*' => ['array:state,until,hours'],
            'operations.*.state' => ['required', Rule::enum(OperationState::class)],
            'operations.*.until' => ['nullable', 'string', 'max:60', $this->moments()],
            'operations.*.hours' => $hours,
            'kit' => ['nullable', 'array', 'max:500'],
            'kit.*' => ['array:state,expected_on'],
            'kit.*.state' => ['required', Rule::enum(KitState::class)],
            'kit.*.expected_on' => ['nullable', 'required_if:kit.*.state,ordered', Day::any($this->clock(), $this->house()->zone())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kit.*.expected_on.required_if' => 'Say when it is expected.',
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [
            function (Validator $validator): void {
                foreach ($this->array('operations') as $id => $one) {
                    $holds = $one['state'] === OperationState::Holding->value;
                    $until = $this->moment($one['until'] ?? null);
                    if ($holds && ($until === null || $until <= $this->clock()->now()
                        || $until > $this->clock()->now()->addDays(self::LONGEST_HOLD_DAYS))) {
                        $validator->errors()->add(
                            "operations.{$id}.until", 'Say until when it holds, after now and within 180 days. If the hold is over, it is done.',
                        );
                    }
                }
            },
        ];
    }

    public function known(): TakenIn
    {
        $operations = [];
        foreach ($this->array('operations') as $id => $one) {
            $state = OperationState::from($one['state']);
            $operations[(int) $id] = new OperationTakenIn(
                (int) $id, $state, $state === OperationState::Holding ? $this->moment($one['until'] ?? null) : null,
                $state === OperationState::Started ? $this->minutes($one['hours'] ?? null) : 0,
            );
        }

        return new TakenIn(
            $this->version(),
            Person::query()->findOrFail($this->integer('worker_id')),
            $operations,
            array_map($this->minutes(...), $this->array('hours')),
            array_map(
                static fn (array $line): array => [KitState::from($line['state']), $line['expected_on'] ?? null],
                $this->array('kit'),
            ),
        );
    }

    private function minutes(mixed $typed): int
    {
        return is_scalar($typed) && trim((string) $typed) !== '' ? Duration::parse((string) $typed)->minutes : 0;
    }

    private function moment(mixed $typed): ?CarbonImmutable
    {
        return is_string($typed) && trim($typed) !== '' ? $this->moments()->at($typed)->utc() : null;
    }

    private function moments(): Moment
    {
        return new Moment($this->clock(), $this->house()->zone());
    }
}
