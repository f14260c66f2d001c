<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Http\Requests\House\ShopRequest;
use App\Rules\Typed;

final class UseRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'quantity' => ['required', Typed::quantity()],
        ];
    }
}
