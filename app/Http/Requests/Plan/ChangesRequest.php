<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Actions\Plan\Changes\Changes;
use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;

/** One change to the plan or several, to be tried or made. */
final class ChangesRequest extends ManagerRequest
{
    private const MOST = 12;

    private const NAMES = [
        'person' => 'person', 'from' => 'beginning', 'to' => 'end', 'part' => 'part of the day', 'note' => 'note',
        'minutes' => 'minutes', 'resource' => 'station or fixture', 'line' => 'part',
        'expected_on' => 'day', 'build' => 'build', 'promised_on' => 'promise date',
        'promise_kind' => 'kind of promise', 'because' => 'reason', 'until' => 'day', 'days' => 'days',
        'by' => 'number',
        'skill' => 'skill', 'title' => 'name', 'model' => 'house model', 'question' => 'question', 'answer' => 'way',
        'operation' => 'operation', 'day' => 'day', 'after' => 'operation before', 'kind' => 'kind',
    ];

    /** @return array<string, mixed> */
    public function rules(ChangeRules $rules): array
    {
        $all = [
            'changes' => ['required', 'array', 'list', 'max:'.self::MOST],
            'changes.*.kind' => ['required', Rule::in(Changes::KINDS)],
        ];
        foreach (array_values((array) $this->input('changes', [])) as $index => $change) {
            foreach ($rules->of(
                is_array($change) && is_string($change['kind'] ?? null) ? $change['kind'] : '',
                "changes.{$index}.",
            ) as $field => $those) {
                $all["changes.{$index}.{$field}"] = $those;
            }
        }

        return $all;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return array_combine(
            array_map(static fn (string $field): string => "changes.*.{$field}", array_keys(self::NAMES)),
            self::NAMES,
        );
    }

    /** @return list<array<string, mixed>> */
    public function changes(): array
    {
        return array_values($this->validated('changes'));
    }
}
