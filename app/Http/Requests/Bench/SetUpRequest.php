<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;
use Illuminate\Validation\Rule;
use Regimen\Inspection\SetUp\SetUpStep;

/** Figures of one step of the set-up, by string. */
final class SetUpRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'step' => ['required', Rule::enum(SetUpStep::class)], 'values' => ['required', 'array', 'max:40'], 'values.*' => ['nullable', 'string', 'max:30'],
            'settled' => ['required', 'boolean'], 'did' => ['nullable', 'string', 'max:200'], 'sure' => ['nullable', 'boolean'],
        ];
    }

    public function step(): SetUpStep
    {
        return SetUpStep::from($this->string('step')->toString());
    }

    /** @return array<int|string, string> */
    public function values(): array
    {
        return array_map(static fn (mixed $one): string => is_scalar($one) ? (string) $one : '', $this->array('values'));
    }
}
