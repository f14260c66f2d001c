<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use App\Models\Build\Operation;
use App\Rules\Day;
use Illuminate\Validation\Validator;

/** What a client is asked. */
final class DecisionRequest extends ManagerRequest
{
    private const MOST = 6;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'question' => ['required', 'string', 'max:300'], 'options' => ['nullable', 'string', 'max:400'], 'operation' => ['required', 'integer', 'exists:operations,id'],
            'last_day' => ['required', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past; nobody could answer by then.')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['operation.required' => 'Say what waits for it.', 'operation.exists' => 'There is no such operation.'];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $options = $this->options();
            if (count($options) === 1 || count($options) > self::MOST) {
                $validator->errors()->add('options', 'Two to six answers to choose from, or none where they answer in their own words.');
            }
        }];
    }

    /** @return list<string> */
    public function options(): array
    {
        return array_values(array_unique(array_filter(array_map(static fn (string $one): string => mb_substr(trim($one), 0, 80), explode(',', $this->string('options')->toString())))));
    }

    public function operation(): Operation
    {
        return Operation::query()->findOrFail($this->integer('operation'));
    }
}
