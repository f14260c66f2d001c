<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\House\ShopRequest;
use App\Rules\NewPassword;

final class PasswordRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['current' => ['required', 'string', 'max:200'], 'password' => ['required', new NewPassword]];
    }
}
