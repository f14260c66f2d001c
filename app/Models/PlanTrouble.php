<?php

declare(strict_types=1);

namespace App\Models;

/** What the plan cannot do as it was asked to, with its mend. */
class PlanTrouble extends ShopModel
{
}
