<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use App\Rules\Typed;
use Regimen\Units\Money;

/** A change as it is offered; what makes an instrument cheaper has a price below zero. */
final class ChangeOrderRequest extends ManagerRequest
{
    private const LESS = '/^\s*[-−]\s*/u';

    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        $typed = $this->string('price')->toString();
        $this->merge(['price' => preg_replace(self::LESS, '', $typed), 'less' => preg_match(self::LESS, $typed) === 1]);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', 'string', 'max:1000'], 'price' => ['required', Typed::money($this->house()->shop()->currency)], 'version' => ['required', 'integer'],
            'promised_on' => ['nullable', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past. A promise is for today or later.')],
        ];
    }

    public function price(): Money
    {
        $money = $this->money('price') ?? Money::zero($this->house()->shop()->currency);

        return $this->boolean('less') ? Money::ofMinor(-$money->minor, $money->currency) : $money;
    }

    public function promisedOn(): ?string
    {
        return $this->filled('promised_on') ? $this->string('promised_on')->toString() : null;
    }
}
