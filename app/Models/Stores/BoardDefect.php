<?php

declare(strict_types=1);

namespace App\Models\Stores;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Regimen\Stores\DefectKind;

/**
 * A knot, a split, run-out or sapwood, as a rectangle on the face of a board.
 *
 * @property DefectKind $kind
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $struck_at
 */
class BoardDefect extends ShopModel
{
    protected $casts = ['kind' => DefectKind::class, 'at' => 'immutable_datetime', 'struck_at' => 'immutable_datetime'];
}
