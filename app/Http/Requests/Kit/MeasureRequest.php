<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Http\Requests\House\ShopRequest;

/** A measurement. */
final class MeasureRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'part' => ['required', 'string', 'max:40'], 'field' => ['required', 'string', 'max:40'],
            'value' => ['required', 'string', 'max:60'], 'instrument' => ['nullable', 'string', 'max:60'],
        ];
    }
}
