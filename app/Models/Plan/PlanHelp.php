<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Casts\HelpLines;
use App\Models\ShopModel;
use App\Pages\Plan\HelpLine;

/**
 * What would help a plan, as far as it was tried; it goes with its plan.
 *
 * @property int $plan_id
 * @property HelpState $state
 * @property int $tried
 * @property int $all
 * @property list<HelpLine> $ranked
 * @property list<HelpLine> $methods
 */
class PlanHelp extends ShopModel
{
    protected $casts = ['state' => HelpState::class, 'ranked' => HelpLines::class, 'methods' => HelpLines::class];
}
