<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\ShopModel;

/** Somebody works longer from one day to another, on the days on which they work at all. */
class Overtime extends ShopModel
{
}
