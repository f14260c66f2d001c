<?php

declare(strict_types=1);

namespace App\Http\Requests\Specification;

use App\Http\Requests\ManagerRequest;

/** A house model. */
final class HouseModelRequest extends ManagerRequest
{
    use TypedSpecification;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer'], 'name' => ['required', 'string', 'max:60'],
            'is_default' => ['boolean'], 'specification' => ['present', 'array'],
        ];
    }
}
