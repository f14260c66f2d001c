<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Instants of the trade come from the shop's clock and have their own columns, so that no model keeps timestamps of its
 * own.
 */
abstract class ShopModel extends Model
{
    use ReadsFast;

    public $timestamps = false;

    protected $guarded = [];
}
