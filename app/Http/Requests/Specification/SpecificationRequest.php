<?php

declare(strict_types=1);

namespace App\Http\Requests\Specification;

use App\Http\Requests\ManagerRequest;

/** A revision that is kept. */
final class SpecificationRequest extends ManagerRequest
{
    use TypedSpecification;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'specification' => ['present', 'array']];
    }
}
