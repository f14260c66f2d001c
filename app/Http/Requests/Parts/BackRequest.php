<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;
use App\Rules\Day;
use App\Rules\Typed;
use Regimen\Units\Money;

/** Work that was sent out is back, and was looked at. */
final class BackRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'], 'checked' => ['required', 'string', 'max:200'], 'cost' => ['nullable', Typed::money($this->house()->shop()->currency)],
            'again_by' => ['nullable', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past. Choose the day on which it comes back again.')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['checked.required' => 'Look at it first, and say what you looked at.'];
    }

    public function againBy(): ?string
    {
        return $this->filled('again_by') ? $this->string('again_by')->toString() : null;
    }

    public function cost(): ?Money
    {
        return $this->person()->isManager() ? $this->money('cost') : null;
    }
}
