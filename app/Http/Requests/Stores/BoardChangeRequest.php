<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Http\Requests\ManagerRequest;

/** What else is known of a board. */
final class BoardChangeRequest extends ManagerRequest
{
    private const TEXTS = ['place', 'figure', 'origin', 'papers'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], ...array_fill_keys(self::TEXTS, ['nullable', 'string', 'max:80']), 'note' => ['nullable', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function known(): array
    {
        $known = [];
        foreach ([...self::TEXTS, 'note'] as $field) {
            $known[$field] = trim($this->string($field)->toString());
        }

        return $known;
    }
}
