<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;
use Illuminate\Validation\Validator;

final class ShopSettingsRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'name' => ['required', 'string', 'max:80'],
            'timezone' => ['required', 'timezone:all'],
            'labour_rate' => ['required', Typed::money($this->house()->shop()->currency)],
            'overhead_percent' => ['required', 'numeric', 'between:0,300'],
            'margin_percent' => ['required', 'numeric', 'between:0,90'],
            'deposit_percent' => ['required', 'numeric', 'between:0,100'],
            'risk_days' => ['required', 'integer', 'between:0,60'],
            'promise_chance' => ['sometimes', 'required', 'integer', 'between:50,99'],
            'papers_years' => ['sometimes', 'required', 'integer', 'between:0,40'],
            'tax_percent' => ['sometimes', 'required', 'numeric', 'between:0,50'],
            'quote_days' => ['sometimes', 'required', 'integer', 'between:1,365'],
            'quotes_hold' => ['sometimes', 'required', 'boolean'],
            'quote_words' => ['sometimes', 'nullable', 'string', 'max:8000'],
            'hours' => ['required', 'array:1,2,3,4,5,6,7'],
            'hours.*' => ['nullable', Typed::hours()],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            if (
                array_filter(
                    (array) $this->input('hours'), static fn (mixed $hours): bool => trim((string) $hours) !== '',
                ) === []
            ) {
                $validator->errors()->add(
                    'hours',
                    'The shop needs working hours on at least one weekday, or nothing can be planned.',
                );
            }
        }];
    }

    /** @return array<string, mixed> */
    public function attributesToSave(): array
    {
        return [
            'name' => trim($this->string('name')->toString()),
            'timezone' => $this->string('timezone')->toString(),
            'labour_rate_minor' => $this->money('labour_rate')->minor ?? 0,
            'overhead_permille' => (int) round(10 * $this->float('overhead_percent')),
            'margin_permille' => (int) round(10 * $this->float('margin_percent')),
            'deposit_permille' => (int) round(10 * $this->float('deposit_percent')),
            'risk_days' => $this->integer('risk_days'),
            ...$this->has('tax_percent') ? ['tax_permille' => (int) round(10 * $this->float('tax_percent'))] : [],
            ...$this->has('quote_days') ? ['quote_days' => $this->integer('quote_days')] : [],
            ...$this->has('quotes_hold') ? ['quotes_hold' => $this->boolean('quotes_hold')] : [],
            ...$this->has('quote_words') ? ['quote_words' => trim($this->string('quote_words')->toString())] : [],
            ...$this->has('papers_years') ? ['papers_years' => $this->integer('papers_years')] : [],
            ...$this->has('promise_chance') ? ['promise_chance' => 10 * $this->integer('promise_chance')] : [],
            'hours' => PersonRequest::week((array) $this->input('hours')),
        ];
    }
}
