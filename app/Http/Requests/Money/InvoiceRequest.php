<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;
use App\Models\Money\HouseTax;

/** Which part is invoiced, at the amount that was shown. */
final class InvoiceRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['amount' => ['required', 'integer'], 'tax' => ['nullable', 'integer', 'exists:tax_rates,id']];
    }

    public function tax(): ?HouseTax
    {
        return $this->filled('tax') ? HouseTax::query()->find($this->integer('tax')) : null;
    }
}
