<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;

final class DayRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'date' => [
                'required',
                Day::fromToday(
                    $this->clock(), $this->house()->zone(), 'That day is past; a free day is for today or later.',
                ),
            ],
            'note' => ['nullable', 'string', 'max:80'],
        ];
    }
}
