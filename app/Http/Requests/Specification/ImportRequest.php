<?php

declare(strict_types=1);

namespace App\Http\Requests\Specification;

use App\Http\Requests\ManagerRequest;

/** A specification from a file. */
final class ImportRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'file' => ['required', 'file', 'max:500']];
    }
}
