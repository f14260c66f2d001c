<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use App\Rules\Typed;
use Regimen\Units\Money;

/** Who sells to the shop. */
final class SupplierRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $money = Typed::money($this->house()->shop()->currency);

        return [
            'name' => ['required', 'string', 'max:80'], 'email' => ['nullable', 'email', 'max:120'], 'address' => ['nullable', 'string', 'max:400'], 'note' => ['nullable', 'string', 'max:1000'],
            'freight' => ['nullable', $money], 'express_days' => ['nullable', 'integer', 'min:1', 'max:60'], 'express' => ['nullable', $money], 'version' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, mixed> */
    public function said(): array
    {
        $text = fn (string $field): string => trim($this->string($field)->toString());
        $money = fn (string $field): int => ($this->money($field) ?? Money::zero($this->house()->shop()->currency))->minor;

        return [
            'name' => $text('name'), 'email' => $text('email'), 'address' => $text('address'), 'note' => $text('note'), 'freight_minor' => $money('freight'),
            'express_days' => $this->filled('express_days') ? $this->integer('express_days') : null, 'express_minor' => $money('express'),
        ];
    }
}
