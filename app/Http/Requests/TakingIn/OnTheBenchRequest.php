<?php

declare(strict_types=1);

namespace App\Http\Requests\TakingIn;

use App\Actions\Commission\Commission;
use App\Http\Requests\Specification\CommissionRequest;
use App\Models\Build\Purpose;
use App\Rules\Day;
use App\Rules\Typed;

/** An instrument that is on the bench already: it has its number, and not everything of it need be known. */
final class OnTheBenchRequest extends CommissionRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'number' => ['required', 'integer', 'min:1', 'max:99999', 'unique:builds,number'],
            'price' => ['nullable', Typed::money($this->house()->shop()->currency)],
            'promised_on' => [
                $this->input('purpose') === Purpose::Commission->value ? 'required' : 'nullable',
                Day::any($this->clock(), $this->house()->zone()),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['number.unique' => 'There is a build of that number already.'];
    }

    public function commission(): Commission
    {
        $agreed = parent::commission();

        return new Commission(
            $agreed->purpose, $agreed->title, $agreed->client, $agreed->contact, $agreed->specification, $agreed->price,
            $agreed->deposit, $agreed->promisedOn, $agreed->model, $agreed->promise, $this->integer('number'),
        );
    }
}
