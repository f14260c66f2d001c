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

    /** An instant as pages get it, ISO 8601 in UTC, straight from its column; null where there is none. */
    public function instant(string $column): ?string
    {
        $text = $this->attributes[$column] ?? null;

        return is_string($text) ? substr($text, 0, 10).'T'.substr($text, 11, 8).'Z' : null;
    }
}
