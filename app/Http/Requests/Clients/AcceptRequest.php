<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;

/** By whom, when and how a quote was accepted. */
final class AcceptRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'accepted_by' => ['required', 'string', 'max:80'], 'how' => ['required', 'string', 'max:120'], 'version' => ['required', 'integer'],
            'on' => ['required', Day::untilToday($this->clock(), $this->house()->zone(), 'That day is still to come.')],
        ];
    }
}
