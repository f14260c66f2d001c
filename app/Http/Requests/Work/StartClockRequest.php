<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\House\ShopRequest;

final class StartClockRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['nullable', 'integer']];
    }
}
