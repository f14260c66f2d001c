<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property array<int, list<array{int, int}>> $hours
 */
class Shop extends ShopModel
{
    protected $casts = ['hours' => 'array'];

    public static function current(): self
    {
        return self::query()->firstOrFail();
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->timezone);
    }
}
