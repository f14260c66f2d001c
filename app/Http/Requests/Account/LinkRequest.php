<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\House\ShopRequest;
use App\Rules\NewPassword;

final class LinkRequest extends ShopRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['password' => ['required', new NewPassword]];
    }
}
