<?php

declare(strict_types=1);

namespace App\Http\Requests\Specification;

use App\Http\Requests\ManagerRequest;

/** A commission in the making: everything may still be missing or wrong, and the answer says so. */
final class ForecastRequest extends ManagerRequest
{
    use TypedSpecification;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'specification' => ['present', 'array'], 'model_id' => ['nullable', 'integer'],
            'promised_on' => ['nullable', 'string', 'max:10'],
        ];
    }
}
