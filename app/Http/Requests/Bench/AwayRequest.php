<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;
use App\Models\Bench\AwayReason;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Units\Duration;

final class AwayRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'reason' => ['required', Rule::enum(AwayReason::class)], 'note' => ['nullable', 'string', 'max:200'],
            'minutes' => ['nullable', Typed::duration(1440, 'A day has 24 hours.', zero: false)],
        ];
    }

    public function reason(): AwayReason
    {
        return AwayReason::from($this->string('reason')->toString());
    }

    /** What was really worked until then, where the clock was forgotten. */
    public function really(): ?Duration
    {
        return $this->filled('minutes') ? $this->duration('minutes') : null;
    }
}
