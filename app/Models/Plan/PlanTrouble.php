<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\ShopModel;

/** What the plan cannot do as it was asked to, with its fix. */
class PlanTrouble extends ShopModel
{
}
