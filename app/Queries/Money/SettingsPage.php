<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Money\HouseTax;
use App\Pages\Dict;
use App\Pages\Money\SettingsProps;
use App\Pages\Money\StagePayment;
use App\Pages\Money\TaxRow;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Support\Say;
use Regimen\Costing\PriceWay;
use Regimen\Invoicing\RefundRule;
use Regimen\Invoicing\TaxCategory;
use Regimen\Route\Standards\Stage;
use Regimen\Units\Countries;

/** Who sells, in which parts a price is paid, which tax is on it. */
final readonly class SettingsPage
{
    public const SELLER = ['name', 'address', 'country', 'tax_id', 'local_tax_id', 'registration', 'account', 'email'];

    public function __construct(private House $house)
    {
    }

    public function data(): SettingsProps
    {
        $shop = $this->house->shop();

        return new SettingsProps(
            version: $shop->version, seller: new Dict(array_map(static fn (string $key): string => $shop->seller[$key] ?? '', array_combine(self::SELLER, self::SELLER))), payDays: (string) $shop->pay_days, unpaidHolds: $shop->unpaid_holds ? '1' : '0',
            refundRule: $shop->refund_rule->value, priceWay: $shop->price_way->value,
            stagePayments: array_map(static fn (array $one): StagePayment => new StagePayment($one[0], Say::figure($one[1] / 10, 1)), $shop->stage_payments), stages: self::stages(),
            refunds: array_map(static fn (RefundRule $one): Option => new Option($one->value, $one->words()), RefundRule::cases()), ways: array_map(static fn (PriceWay $one): Option => new Option($one->value, $one->words()), PriceWay::cases()),
            taxes: array_values(HouseTax::query()->orderBy('country')->orderBy('id')->get()->map(self::tax(...))->all()),
            countries: array_map(static fn (string $code, string $name): Option => new Option($code, $name), array_keys(Countries::all()), array_values(Countries::all())),
            categories: array_map(static fn (TaxCategory $one): Option => new Option($one->value, "{$one->words()} ({$one->value})"), TaxCategory::cases()),
        );
    }

    /** @return list<Option> */
    public static function stages(): array
    {
        return array_map(static fn (Stage $one): Option => new Option($one->value, $one->words()), Stage::cases());
    }

    private static function tax(HouseTax $one): TaxRow
    {
        $rate = $one->rate();

        return new TaxRow($one->id, Countries::name($one->country) ?? $one->country, $one->name, "{$rate->percent()} %, {$rate->category->words()}".($rate->reason === '' ? '' : ": {$rate->reason}"));
    }
}
