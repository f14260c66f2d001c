<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Regimen\Route\Air\Climate;

/**
 * The air of the shop at one time: tenths of a degree Celsius and tenths of a percent.
 *
 * @property CarbonImmutable $at
 */
class ClimateReading extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime'];

    public function climate(): Climate
    {
        return new Climate($this->temperature_tenths / 10, $this->humidity_tenths / 10);
    }
}
