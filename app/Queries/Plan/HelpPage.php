<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Models\Plan\PlanHelp;
use App\Pages\Plan\HelpProps;

/** What would help the plan in force, as far as it has been tried. */
final readonly class HelpPage
{
    public function data(): HelpProps
    {
        $plan = Plan::query()->max('id');
        $help = PlanHelp::query()->where('plan_id', $plan)->first();

        return new HelpProps(
            state: $help->state ?? ($plan === null ? HelpState::Done : HelpState::None),
            tried: $help->tried ?? 0,
            all: $help->all ?? 0,
            ranked: $help->ranked ?? [],
            methods: $help->methods ?? [],
        );
    }
}
