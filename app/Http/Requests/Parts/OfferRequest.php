<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Units\Money;

/** What a supplier asks for a part. */
final class OfferRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'supplier' => ['required', 'integer', Rule::exists('suppliers', 'id')], 'number' => ['nullable', 'string', 'max:60'],
            'cost' => ['required', Typed::money($this->house()->shop()->currency)], 'lead_days' => ['required', 'integer', 'min:0', 'max:730'],
        ];
    }

    /** @return array{number: string, cost_minor: int, lead_days: int} */
    public function said(): array
    {
        return [
            'number' => trim($this->string('number')->toString()), 'cost_minor' => ($this->money('cost') ?? Money::zero($this->house()->shop()->currency))->minor, 'lead_days' => $this->integer('lead_days'),
        ];
    }
}
