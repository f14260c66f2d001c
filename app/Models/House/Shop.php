<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;

/**
 * @property array<int, list<array{int, int}>> $hours
 * @property array<string, string> $methods  how the house works, where that differs from the trade's usual way
 * @property array<string, float> $tolerances  that the house has set itself
 * @property array<string, int> $plan_weights  that the house has set itself
 * @property array<string, float> $glue_shares  length of a hold as a share of the standard, by adhesive
 */
class Shop extends ShopModel
{
    protected $casts = [
        'hours' => 'array', 'methods' => 'array', 'tolerances' => 'array', 'glue_shares' => 'array',
        'plan_weights' => 'array', 'client_sees' => 'array',
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
