<?php

declare(strict_types=1);

namespace App\Http\Requests\Gate;

use App\Http\Requests\House\ShopRequest;

final class StrikeReadingRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['because' => ['required', 'string', 'max:200']];
    }
}
