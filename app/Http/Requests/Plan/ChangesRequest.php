<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\Changes;
use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;

/** One change to the plan or several, to be tried or made: each kind says itself what is refused. */
final class ChangesRequest extends ManagerRequest
{
    private const MOST = 12;

    /** @return array<string, mixed> */
    public function rules(Asking $asking): array
    {
        $rules = [
            'seen' => ['nullable', 'integer'],
            'changes' => ['required', 'array', 'list', 'max:'.self::MOST],
            'changes.*.kind' => ['required', Rule::in(array_keys(Changes::asked()))],
        ];
        foreach ($this->fields($asking) as $at => $field) {
            $rules[$at] = $field->rules;
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        $fields = $this->fields(app(Asking::class));

        return ['changes.*.kind' => 'kind', ...array_map(static fn (AskedField $one): string => $one->means, $fields)];
    }

    /** @return list<Change> */
    public function changes(): array
    {
        return app(Changes::class)->all(array_values($this->validated('changes')));
    }

    /** The last change that the page knew of, if it said. */
    public function seen(): ?int
    {
        return $this->filled('seen') ? $this->integer('seen') : null;
    }

    /** @return array<string, AskedField> by where they stand in what was sent */
    private function fields(Asking $asking): array
    {
        $fields = [];
        foreach (array_slice(array_values((array) $this->input('changes', [])), 0, self::MOST) as $index => $change) {
            $kind = is_array($change) && is_string($change['kind'] ?? null) ? $change['kind'] : '';
            $at = "changes.{$index}.";
            foreach (isset(Changes::asked()[$kind]) ? Changes::asked()[$kind]::fields($asking->at($at)) : [] as $field) {
                $fields[$at.$field->name] = $field;
            }
        }

        return $fields;
    }
}
