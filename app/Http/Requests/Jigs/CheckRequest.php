<?php

declare(strict_types=1);

namespace App\Http\Requests\Jigs;

use App\Http\Requests\House\ShopRequest;

/** How a template came out on scrap. */
final class CheckRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'good' => ['required', 'boolean'], 'words' => [$this->boolean('good') ? 'nullable' : 'required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['words.required' => 'Say what is wrong with it, and where.'];
    }
}
