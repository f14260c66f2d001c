<?php

declare(strict_types=1);

namespace App\Http\Requests\Specification;

use App\Actions\Commission\Commission;
use App\Http\Requests\ManagerRequest;
use App\Models\Build\Build;
use App\Models\Build\Purpose;
use App\Planning\Specification\Revisions;
use App\Rules\Day;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Schedule\Problem\Promise;

class CommissionRequest extends ManagerRequest
{
    use TypedSpecification;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $commissioned = $this->input('purpose') === Purpose::Commission->value;
        $currency = $this->house()->shop()->currency;

        return [
            'purpose' => ['required', Rule::enum(Purpose::class)],
            'client' => [$commissioned ? 'required' : 'nullable', 'string', 'max:80'],
            'contact' => ['nullable', 'string', 'max:120'],
            'title' => ['nullable', 'string', 'max:40'],
            'price' => [$commissioned ? 'required' : 'nullable', Typed::money($currency)],
            'deposit' => ['nullable', Typed::money($currency)],
            'promised_on' => [
                $commissioned ? 'required' : 'nullable',
                Day::fromToday(
                    $this->clock(), $this->house()->zone(), 'That day is past. A promise is for today or later.',
                ),
            ],
            'promise_kind' => ['nullable', Rule::enum(Promise::class)],
            'specification' => ['present', 'array'],
            'model_id' => ['nullable', 'integer', 'exists:house_models,id'],
            'again' => ['nullable', 'integer', 'exists:builds,number'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                foreach ($this->problems() as $field => $problem) {
                    $validator->errors()->add("specification.{$field}", $problem);
                }
                if ($validator->errors()->hasAny(['price', 'deposit'])) {
                    return;
                }
                $price = $this->money('price');
                $deposit = $this->money('deposit');
                if ($price !== null && $deposit !== null && $deposit->minor > $price->minor) {
                    $validator->errors()->add('deposit', "A deposit of {$deposit} is more than the price of {$price}.");
                }
            },
        ];
    }

    /** The build that is made once more. */
    public function again(): ?Build
    {
        return $this->filled('again') ? Build::query()->where('number', $this->integer('again'))->firstOrFail() : null;
    }

    public function commission(): Commission
    {
        $client = trim($this->string('client')->toString());
        $title = trim($this->string('title')->toString());

        return new Commission(
            Purpose::from($this->string('purpose')->toString()),
            $title !== '' ? $title : ($client === '' ? 'Stock' : (string) preg_replace('/^.*\s/', '', $client)),
            $client,
            trim($this->string('contact')->toString()),
            $this->typed(),
            $this->money('price'),
            $this->money('deposit'),
            $this->filled('promised_on') ? $this->string('promised_on')->toString() : null,
            $this->model(),
            $this->enum('promise_kind', Promise::class) ?? Promise::Promised,
        );
    }

    /** @return array<string, string> */
    private function problems(): array
    {
        return SpecificationReader::read(
            $this->typed(), app(Revisions::class)->house($this->typed(), $this->model()),
        )->problems;
    }
}
