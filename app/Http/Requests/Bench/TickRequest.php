<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;

/** A line of a list, ticked or not. */
final class TickRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['list' => ['required', 'in:joints,closing'], 'item' => ['required', 'string', 'max:200'], 'ticked' => ['required', 'boolean']];
    }
}
