<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;

/** A key of the simulated caliper, closed on a place of a gate. */
final class CaliperRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['key' => ['required', 'in:unit,zero,read'], 'line' => ['required', 'string', 'max:120'], 'place' => ['nullable', 'string', 'max:80']];
    }
}
