<?php

declare(strict_types=1);

namespace App\Http\Requests\Gate;

use App\Http\Requests\House\ShopRequest;

/** One reading at one place. */
final class ReadingRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'line' => ['required', 'string', 'max:120'], 'place' => ['nullable', 'string', 'max:80'],
            'value' => ['required', 'string', 'max:60'], 'sure' => ['nullable', 'boolean'], 'seen' => ['nullable', 'integer'],
            'tool' => ['nullable', 'string', 'max:60'],
        ];
    }

    public function lastSeen(): ?int
    {
        return $this->filled('seen') ? $this->integer('seen') : null;
    }

    public function tool(): ?string
    {
        return $this->filled('tool') ? trim($this->string('tool')->toString()) : null;
    }
}
