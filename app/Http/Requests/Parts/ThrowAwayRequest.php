<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;

/** Something is thrown away. */
final class ThrowAwayRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['quantity' => ['required', Typed::quantity()], 'because' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['because.required' => 'Say why: it stands in the books as lost.'];
    }
}
