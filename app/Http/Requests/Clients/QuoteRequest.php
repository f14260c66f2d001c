<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Actions\Clients\Offer;
use App\Http\Requests\ManagerRequest;
use App\Models\Client\Quote;
use App\Rules\Day;
use App\Rules\Typed;
use Illuminate\Validation\Validator;
use Regimen\Units\Money;

/** What a quote says. */
final class QuoteRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $money = Typed::money($this->house()->shop()->currency);

        return [
            'what' => ['required', 'string', 'max:200'], 'price' => ['required', $money], 'tax' => ['required', 'numeric', 'between:0,50'], 'deposit' => ['nullable', $money],
            'promised_on' => ['required', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past. A promise is for today or later.')],
            'valid_until' => ['required', Day::fromToday($this->clock(), $this->house()->zone(), 'That day is past: nobody could accept it.')],
            'words' => ['nullable', 'string', 'max:8000'], 'depends' => ['nullable', 'string', 'max:2000'], 'replaces' => ['nullable', 'integer', 'exists:quotes,id'], 'version' => ['required', 'integer'],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $offer = $this->offer();
            if ($offer->deposit->minor > $offer->price->minor) {
                $validator->errors()->add('deposit', "A deposit of {$offer->deposit} is more than the price of {$offer->price}.");
            }
            if ($offer->price->minor === 0) {
                $validator->errors()->add('price', 'A price of nothing is no quote.');
            }
            if ($offer->validUntil > $offer->promisedOn) {
                $validator->errors()->add('valid_until', 'It could be accepted after the day for which it promises.');
            }
        }];
    }

    public function offer(): Offer
    {
        $zero = Money::zero($this->house()->shop()->currency);
        $text = fn (string $field): string => trim($this->string($field)->toString());

        return new Offer(
            $text('what'), $this->money('price') ?? $zero, (int) round(10 * $this->float('tax')), $this->money('deposit') ?? $zero, $text('promised_on'), $text('valid_until'), $text('words'), $text('depends'),
        );
    }

    public function replaces(): ?Quote
    {
        return $this->filled('replaces') ? Quote::query()->find($this->integer('replaces')) : null;
    }
}
