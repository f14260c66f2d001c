<?php

declare(strict_types=1);

namespace App\Http\Requests\Setback;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;

/** Until when a build stands because nothing is decided. */
final class LaterRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['until' => ['required', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past; choose one that comes.')]];
    }
}
