<?php

declare(strict_types=1);

namespace App\Models;

class DayOff extends ShopModel
{
    protected $table = 'days_off';
}
