<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\Plan\PlanEntry;
use App\Planning\Route\Draft;
use App\Planning\Route\RouteSync;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Tries a revision in the shop, looks what became of the plan, and takes everything back. */
final readonly class WhatFollows
{
    public function __construct(private RouteSync $sync, private Planner $planner)
    {
    }

    /**
     * @return array{CarbonImmutable|null, CarbonImmutable|null, list<string>} planned finish before and after, and what
     *   would become useless
     */
    public function of(Build $build, Draft $draft): array
    {
        $before = $this->finish($build);
        DB::beginTransaction();
        try {
            $useless = $this->sync->apply($build, $draft);
            $this->planner->replan('tried');
            $after = $this->finish($build);
        } finally {
            DB::rollBack();
            $build->refresh();
        }

        return [$before, $after, $useless];
    }

    private function finish(Build $build): ?CarbonImmutable
    {
        return $build->refresh()->route_lacks === ''
            ? Outlooks::finish(PlanEntry::query()->where('build_id', $build->id)->get())
            : null;
    }
}
