<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\House\ShopRequest;

final class SetUpRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['secret' => ['required', 'string', 'regex:/^[A-Z2-7]{32}$/'], 'code' => ['required', 'string', 'max:20']];
    }
}
