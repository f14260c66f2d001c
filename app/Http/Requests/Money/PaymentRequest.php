<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use App\Rules\Typed;
use Illuminate\Validation\Validator;
use Regimen\Units\Money;

/** Money that came or goes back. */
final class PaymentRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'amount' => ['required', Typed::money($this->house()->shop()->currency)], 'how' => ['required', 'string', 'max:80'], 'sure' => ['sometimes', 'boolean'],
            'on' => ['required', Day::untilToday($this->clock(), $this->house()->zone(), 'That day is still to come.')],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $this->amount()->minor === 0 && $validator->errors()->add('amount', 'Nothing is no payment.');
        }];
    }

    public function amount(): Money
    {
        return $this->money('amount') ?? Money::zero($this->house()->shop()->currency);
    }

    public function on(): string
    {
        return $this->string('on')->toString();
    }

    public function how(): string
    {
        return trim($this->string('how')->toString());
    }
}
