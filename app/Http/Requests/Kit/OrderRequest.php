<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use App\Rules\Typed;

final class OrderRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'expected_on' => [
                'required',
                Day::fromToday(
                    $this->clock(), $this->house()->zone(),
                    'That day is past. Choose the day on which the part is expected.',
                ),
            ],
            'cost' => ['required', Typed::money($this->house()->shop()->currency)],
        ];
    }
}
