<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Actions\Clients\Leaving;
use App\Http\Requests\ManagerRequest;
use App\Models\Build\PromiseMeans;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Units\Money;

/** What a promise means, and how an instrument travels. */
final class CarriageRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $travels = $this->input('means') !== PromiseMeans::Shop->value;

        return [
            'version' => ['required', 'integer'], 'means' => ['required', Rule::enum(PromiseMeans::class)], 'carrier' => [$travels ? 'required' : 'nullable', 'string', 'max:40'],
            'days' => [$travels ? 'required' : 'nullable', 'integer', 'between:0,90'], 'cost' => ['nullable', Typed::money($this->house()->shop()->currency)],
            'insurance' => ['nullable', Typed::money($this->house()->shop()->currency)], 'collecting' => ['nullable', 'integer', 'between:0,480'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['carrier.required' => 'Say who carries it.', 'days.required' => 'Say how many days it is on the way, as the carrier says.'];
    }

    /** How it leaves the shop: with a carrier, or with whoever collects it. */
    public function leaving(): Leaving
    {
        $zero = Money::zero($this->house()->shop()->currency);
        $means = PromiseMeans::from($this->string('means')->toString());

        return $means === PromiseMeans::Shop
            ? new Leaving($means, '', 0, $zero, $zero, $this->integer('collecting'))
            : new Leaving($means, trim($this->string('carrier')->toString()), $this->integer('days'), $this->money('cost') ?? $zero, $this->money('insurance') ?? $zero, 0);
    }
}
