<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;

final class WaitRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'what' => ['required_with:until', 'nullable', 'string', 'max:200'],
            'until' => [
                'nullable',
                Day::fromToday(
                    $this->clock(), $this->house()->zone(),
                    'That day is past. Choose the day by which the decision is expected.',
                ),
            ],
        ];
    }
}
