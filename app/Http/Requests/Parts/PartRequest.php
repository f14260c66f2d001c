<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use App\Models\Build\KitLine;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Parts\PartGroup;
use Regimen\Stores\Stock\Amount;

/** A part of the catalogue. */
final class PartRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'group' => ['required', Rule::enum(PartGroup::class)->except(PartGroup::timber())],
            'unit' => ['required', 'string', 'max:20', 'regex:/^\pL+$/u', Rule::notIn([KitLine::CUT_HERE, KitLine::DONE_ELSEWHERE])],
            'place' => ['nullable', 'string', 'max:60'], 'note' => ['nullable', 'string', 'max:1000'],
            'price_key' => ['nullable', 'string', Rule::exists('prices', 'key')],
            'by_use' => ['nullable', 'boolean'], 'least' => ['nullable', Typed::quantity()],
            'alternatives' => ['nullable', 'array', 'max:50'], 'alternatives.*' => ['integer', Rule::exists('parts', 'id')],
            'version' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['unit.regex' => 'A unit is one word, such as piece, set, m or ml.'];
    }

    /** @return array<string, mixed> */
    public function said(): array
    {
        $text = fn (string $field): string => trim($this->string($field)->toString());

        return [
            'name' => $text('name'), 'group' => $text('group'), 'unit' => $text('unit'), 'place' => $text('place'), 'note' => $text('note'), 'price_key' => $text('price_key'),
            'by_use' => ! $this->has('by_use') || $this->boolean('by_use'), 'least' => $text('least') === '' ? null : Amount::of($this->quantity('least')),
        ];
    }

    /** @return list<int>|null */
    public function alternatives(): ?array
    {
        return $this->has('alternatives') ? array_values(array_map(static fn (mixed $one): int => is_numeric($one) ? (int) $one : 0, (array) $this->input('alternatives'))) : null;
    }
}
