<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use App\Models\Build\Build;
use App\Models\Parts\Supplier;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Units\Money;

/** Work is to be done elsewhere. */
final class SendOutRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'build' => ['required', 'integer', Rule::exists('builds', 'number')->where('status', 'open')], 'version' => ['required', 'integer'], 'operation' => ['required', 'string', 'max:80'],
            'also' => ['nullable', 'array', 'max:60'], 'also.*' => ['string', 'max:80', 'different:operation'], 'supplier' => ['required', 'integer', Rule::exists('suppliers', 'id')],
            'what' => ['required', 'string', 'max:80'], 'note' => ['nullable', 'string', 'max:500'], 'lead_days' => ['required', 'integer', 'min:1', 'max:365'], 'cost' => ['required', Typed::money($this->house()->shop()->currency)],
        ];
    }

    public function build(): Build
    {
        return Build::query()->where('number', $this->integer('build'))->firstOrFail();
    }

    public function supplier(): Supplier
    {
        return Supplier::query()->findOrFail($this->integer('supplier'));
    }

    /** @return list<string> */
    public function also(): array
    {
        return array_values(array_filter((array) $this->input('also', []), is_string(...)));
    }

    /** @return array{what: string, note: string, lead_days: int} */
    public function said(): array
    {
        return ['what' => trim($this->string('what')->toString()), 'note' => trim($this->string('note')->toString()), 'lead_days' => $this->integer('lead_days')];
    }

    public function cost(): Money
    {
        return $this->money('cost') ?? Money::zero($this->house()->shop()->currency);
    }
}
