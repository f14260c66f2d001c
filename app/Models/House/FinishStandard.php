<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;
use Regimen\Instrument\Finish\FinishSystem;

/** @property FinishSystem $system */
class FinishStandard extends ShopModel
{
    protected $casts = ['system' => FinishSystem::class];
}
