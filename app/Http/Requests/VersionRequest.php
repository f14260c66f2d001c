<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\House\ShopRequest;

final class VersionRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
        ];
    }
}
