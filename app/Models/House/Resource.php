<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;

/**
 * A station or a fixture of the shop, how many there are, and when they can be worked at.
 *
 * @property array<int, list<array{int, int}>>|null $hours  by weekday; at all times if none are given
 * @property string|null $every_second_from  a day of the first week that counts, where only every second one does
 */
class Resource extends ShopModel
{
    protected $casts = ['hours' => 'array'];
}
