<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Units\Countries;

/** Which tax is on a price for clients of a country. */
final class TaxRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'country' => ['required', Rule::in(array_keys(Countries::all()))], 'name' => ['required', 'string', 'max:60'], 'category' => ['required', Rule::enum(TaxCategory::class)], 'percent' => ['required', 'numeric', 'between:0,50'],
            'reason' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $rate = $this->rate();
            match (true) {
                $rate->category === TaxCategory::Standard && $rate->permille === 0 => $validator->errors()->add('percent', 'What is taxed has a rate above zero; for none choose why there is none.'),
                $rate->category !== TaxCategory::Standard && $rate->permille > 0 => $validator->errors()->add('percent', "What is “{$rate->category->words()}” has no rate."),
                $rate->category->needsReason() && $rate->reason === '' => $validator->errors()->add('reason', 'An invoice has to say why no tax is on it. Write what the law there wants to read.'),
                default => null,
            };
        }];
    }

    public function rate(): TaxRate
    {
        $category = TaxCategory::from($this->string('category')->toString());

        return new TaxRate($category, (int) round(10 * $this->float('percent')), $category->needsReason() ? trim($this->string('reason')->toString()) : '');
    }
}
