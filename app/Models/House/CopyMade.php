<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;

/** How the making of one copy of the shop went. */
class CopyMade extends ShopModel
{
    public $timestamps = false;

    protected $table = 'copies_made';

    protected $casts = ['at' => 'immutable_datetime', 'good' => 'boolean'];
}
