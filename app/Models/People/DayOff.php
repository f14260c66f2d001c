<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\ShopModel;

/**
 * A day, or with minutes a part of one, on which somebody is not at the bench.
 *
 * @property AwayKind $kind
 */
class DayOff extends ShopModel
{
    protected $table = 'days_off';

    protected $casts = ['kind' => AwayKind::class];
}
