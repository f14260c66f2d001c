<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;
use App\Models\Client\Client;
use App\Rules\Typed;
use Illuminate\Validation\Validator;
use Regimen\Units\Money;

/** To whom what was built for stock is sold, and for how much. */
final class SellRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'client' => ['required', 'integer', 'exists:clients,id'], 'price' => ['required', Typed::money($this->house()->shop()->currency)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['client.required' => 'Choose the client; whoever is new is added under Clients first.'];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $this->price()->minor === 0 && $validator->errors()->add('price', 'A price of nothing is none.');
        }];
    }

    public function client(): Client
    {
        return Client::query()->findOrFail($this->integer('client'));
    }

    public function price(): Money
    {
        return $this->money('price') ?? Money::zero($this->house()->shop()->currency);
    }
}
