<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\ManagerRequest;

/** What weighs how much when the shop compares plans. */
final class WeightsRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $weight = ['required', 'integer', 'between:0,100'];

        return [
            'version' => ['required', 'integer'],
            'immovable' => $weight, 'promised' => $weight, 'wished' => $weight, 'inTheShop' => $weight,
            'setUps' => $weight, 'moved' => $weight,
            'late' => ['required', 'integer', 'between:0,100000'],
            'frozenMinutes' => ['required', 'integer', 'between:0,10080'],
        ];
    }
}
