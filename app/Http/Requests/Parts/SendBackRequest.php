<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use App\Rules\Typed;
use Regimen\Units\Money;

/** A part goes back to whom it came from. */
final class SendBackRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'quantity' => ['required', Typed::quantity()], 'because' => ['required', 'string', 'max:200'], 'refund' => ['nullable', Typed::money($this->house()->shop()->currency)],
            'replaced_by' => ['nullable', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past. Choose the day on which the other one is to come.')],
        ];
    }

    public function refund(): Money
    {
        return $this->money('refund') ?? Money::zero($this->house()->shop()->currency);
    }

    public function replacedBy(): ?string
    {
        return $this->filled('replaced_by') ? $this->string('replaced_by')->toString() : null;
    }
}
