<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\House\ShopRequest;
use App\Rules\Typed;
use Regimen\Units\Duration;

final class StopClockRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'minutes' => ['nullable', Typed::duration()],
        ];
    }

    public function really(): ?Duration
    {
        return $this->filled('minutes') ? $this->duration('minutes') : null;
    }
}
