<?php

declare(strict_types=1);

namespace App\Http\Requests\Specification;

use App\Http\Requests\ManagerRequest;

/** A finding accepted with a reason. */
final class AcceptFindingRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'], 'key' => ['required', 'string', 'max:80'],
            'reason' => ['required', 'string', 'min:3', 'max:500'],
        ];
    }
}
