<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;
use App\Rules\Typed;

/** A part in a kit turns out to be wrong. */
final class WrongRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'quantity' => ['required', Typed::quantity()], 'because' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['because.required' => 'Say what is wrong with it.'];
    }
}
