<?php

declare(strict_types=1);

namespace App\Http\Requests\Specification;

use App\Http\Requests\ManagerRequest;

/** A specification in the making: everything may still be wrong, and the answer says so. */
final class WorkOutRequest extends ManagerRequest
{
    use TypedSpecification;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['specification' => ['present', 'array']];
    }
}
