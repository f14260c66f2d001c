<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\ShopModel;

/** What a plan expected of a build: the history of its finish. */
class PlannedFinish extends ShopModel
{
}
