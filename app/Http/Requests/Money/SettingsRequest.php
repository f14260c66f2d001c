<?php

declare(strict_types=1);

namespace App\Http\Requests\Money;

use App\Http\Requests\ManagerRequest;
use App\Queries\Money\SettingsPage;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Costing\PriceWay;
use Regimen\Invoicing\PaymentPlan;
use Regimen\Invoicing\RefundRule;
use Regimen\Units\Countries;

/** Who sells, and how a price is paid. */
final class SettingsRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'], 'name' => ['nullable', 'string', 'max:120'], 'address' => ['nullable', 'string', 'max:400'], 'country' => ['nullable', Rule::in(array_keys(Countries::all()))],
            'tax_id' => ['nullable', 'string', 'max:40', 'regex:/^[A-Z]{2}[A-Z0-9]{2,}$/'], 'local_tax_id' => ['nullable', 'string', 'max:40'], 'registration' => ['nullable', 'string', 'max:60'], 'account' => ['nullable', 'string', 'max:60'], 'email' => ['nullable', 'email', 'max:120'],
            'pay_days' => ['required', 'integer', 'between:0,120'], 'unpaid_holds' => ['sometimes', 'boolean'], 'refund_rule' => ['required', Rule::enum(RefundRule::class)], 'price_way' => ['required', Rule::enum(PriceWay::class)],
            'stages' => ['present', 'array', 'max:12'], 'stages.*.stage' => ['required', 'string'], 'stages.*.percent' => ['required', 'numeric', 'between:0.1,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['tax_id.regex' => 'An identifier for the tax begins with the two letters of its country, then letters and figures without spaces.'];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $shop = $this->house()->shop();
            try {
                PaymentPlan::of($shop->deposit_permille, $this->stages());
            } catch (\InvalidArgumentException $wrong) {
                $validator->errors()->add('stages', $wrong->getMessage());
            }
            $this->string('price_way')->toString() === PriceWay::Margin->value && $shop->margin_permille >= 1_000 && $validator->errors()->add('price_way', 'A margin is a share of the price and stays below all of it; the house’s share is set under House.');
        }];
    }

    /** @return list<array{string, int}> */
    public function stages(): array
    {
        return array_values(array_map(static fn (mixed $one): array => [
            is_array($one) && is_string($one['stage'] ?? null) ? $one['stage'] : '', is_array($one) && is_numeric($one['percent'] ?? null) ? (int) round(10 * (float) $one['percent']) : 0,
        ], (array) $this->input('stages')));
    }

    /** @return array<string, mixed> */
    public function attributesToSave(): array
    {
        $seller = [];
        foreach (SettingsPage::SELLER as $key) {
            $seller[$key] = trim($this->string($key)->toString());
        }

        return [
            'seller' => $seller, 'pay_days' => $this->integer('pay_days'), 'unpaid_holds' => $this->boolean('unpaid_holds'), 'refund_rule' => RefundRule::from($this->string('refund_rule')->toString()), 'price_way' => PriceWay::from($this->string('price_way')->toString()), 'stage_payments' => $this->stages(),
        ];
    }
}
