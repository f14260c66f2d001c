<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;

/** A code of one's own for the shared tablet; empty for none. */
final class SetCodeRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['bench_code' => ['nullable', 'string', 'regex:/^\d{4,6}$/']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['bench_code.regex' => 'A bench code has four to six digits.'];
    }
}
