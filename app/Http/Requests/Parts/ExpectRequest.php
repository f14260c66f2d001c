<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;

/** Another day on which an order is expected. */
final class ExpectRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'expected_on' => ['required', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past. Choose the day on which the order is expected.')]];
    }
}
