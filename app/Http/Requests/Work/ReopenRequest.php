<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\House\ShopRequest;

final class ReopenRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'because' => ['required', 'string', 'max:300'],
        ];
    }
}
