<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;

/** Nothing more of an order is to come. */
final class CallOffOrderRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'because' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['because.required' => 'Say why nothing more comes.'];
    }
}
