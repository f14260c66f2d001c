<?php

declare(strict_types=1);

namespace App\Http\Requests\Jigs;

use App\Http\Requests\House\ShopRequest;

/** A bit that came into the shop. */
final class BitRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60'], 'most' => ['required', 'integer', 'between:1,5000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['most.between' => 'Between 1 and 5000 m; the house finds out how many its bits cut before they burn.'];
    }
}
