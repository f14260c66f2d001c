<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Rules\Day;

/** Several parts are ordered together. */
final class ParcelOrderRequest extends ParcelRequest
{
    public function authorize(): bool
    {
        return parent::authorize() && $this->person()->isManager();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [...parent::rules(), 'expected_on' => ['required', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past. Choose the day on which the parts are expected.')]];
    }
}
