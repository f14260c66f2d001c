<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;
use Regimen\Costing\PriceWay;
use Regimen\Invoicing\RefundRule;

/**
 * @property array<int, list<array{int, int}>> $hours
 * @property array<string, string> $methods  how the house works, where that differs from the trade's usual way
 * @property array<string, float> $tolerances  that the house has set itself
 * @property array<string, int> $plan_weights  that the house has set itself
 * @property PriceWay $price_way
 * @property list<array{string, int}> $stage_payments  stages after which a part of the price is paid, in thousandths
 * @property RefundRule $refund_rule
 * @property array<string, string> $seller  who sells, as invoices say it
 * @property array{date: string, amount: string, words: list<string>, currency: string, dayFirst: bool}|null $bank_columns  how the bank names the columns of its file
 * @property array<string, float> $glue_shares  length of a hold as a share of the standard, by adhesive
 */
class Shop extends ShopModel
{
    protected $casts = [
        'hours' => 'array', 'methods' => 'array', 'tolerances' => 'array', 'glue_shares' => 'array',
        'plan_weights' => 'array', 'client_sees' => 'array', 'price_way' => PriceWay::class, 'stage_payments' => 'array', 'refund_rule' => RefundRule::class, 'seller' => 'array', 'bank_columns' => 'array',
    ];

    public static function current(): self
    {
        return self::query()->firstOrFail();
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->timezone);
    }
}
