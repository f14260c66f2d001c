<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Http\Requests\ManagerRequest;

/** Which papers are on file for an instrument. */
final class PapersRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'papers' => ['nullable', 'string', 'max:200']];
    }
}
