<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\House\ShopRequest;

final class SecondRequest extends ShopRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:20'], 'trust' => ['nullable', 'boolean']];
    }
}
