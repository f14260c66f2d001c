<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * Something that was pressed without a network and sent later: it is done once, however often it is sent.
 *
 * @property CarbonImmutable $pressed_at
 * @property CarbonImmutable $at
 * @property bool $done
 */
class BenchPress extends ShopModel
{
    protected $primaryKey = 'uuid';

    protected $keyType = 'string';

    public $incrementing = false;

    protected $casts = ['pressed_at' => 'immutable_datetime', 'at' => 'immutable_datetime', 'done' => 'boolean'];
}
