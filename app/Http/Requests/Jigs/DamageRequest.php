<?php

declare(strict_types=1);

namespace App\Http\Requests\Jigs;

use App\Http\Requests\House\ShopRequest;

/** Where a template is dipped, dented or worn. */
final class DamageRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'where' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['where.required' => 'Say where: “dipped at the waist, bass side”.'];
    }
}
