<?php

declare(strict_types=1);

namespace App\Models\Client;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * A client has approved a specification in a revision.
 *
 * @property CarbonImmutable $at
 */
class Approval extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime'];
}
