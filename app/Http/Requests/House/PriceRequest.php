<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;

final class PriceRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'cost' => ['required', Typed::money($this->house()->shop()->currency)],
            'lead_days' => ['required', 'integer', 'between:0,730'],
            'supplier' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, mixed> */
    public function attributesToSave(): array
    {
        return [
            'cost_minor' => $this->money('cost')->minor ?? 0,
            'lead_days' => $this->integer('lead_days'),
            'supplier' => trim($this->string('supplier')->toString()),
        ];
    }
}
