<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;
use App\Rules\Day;

/** When something was opened, and until when it keeps. */
final class LotRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'opened_on' => ['nullable', Day::untilToday($this->clock(), $this->house()->zone(), 'That day is still to come.')],
            'best_before' => ['nullable', Day::any($this->clock(), $this->house()->zone())],
        ];
    }

    public function day(string $field): ?string
    {
        return $this->filled($field) ? $this->string($field)->toString() : null;
    }
}
