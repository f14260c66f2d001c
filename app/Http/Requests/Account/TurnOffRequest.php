<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\House\ShopRequest;

final class TurnOffRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['off_password' => ['required', 'string', 'max:200']];
    }
}
