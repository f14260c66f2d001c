<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;

/** Words about an operation. */
final class NoteRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:1000']];
    }

    public function text(): string
    {
        return trim($this->string('text')->toString());
    }
}
