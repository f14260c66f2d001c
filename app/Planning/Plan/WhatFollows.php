<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\Plan\PlanEntry;
use App\Planning\Route\Draft;
use App\Planning\Route\RouteSync;
use Carbon\CarbonImmutable;

/** Tries a revision in a copy of the shop, and looks what became of the plan. */
final readonly class WhatFollows
{
    public function __construct(private RouteSync $sync, private Planner $planner, private ShopDatabase $database)
    {
    }

    /**
     * @return array{CarbonImmutable|null, CarbonImmutable|null, list<string>} planned finish before and after, and what
     *   would become useless
     */
    public function of(Build $build, Draft $draft): array
    {
        $before = $this->finish($build);
        try {
            return $this->database->aside(function () use ($build, $draft, $before): array {
                $useless = $this->sync->apply($build, $draft);
                $this->planner->replan('tried');

                return [$before, $this->finish($build), $useless];
            });
        } finally {
            $build->refresh();
        }
    }

    private function finish(Build $build): ?CarbonImmutable
    {
        return $build->refresh()->route_lacks === ''
            ? Outlooks::finish(PlanEntry::query()->where('build_id', $build->id)->get())
            : null;
    }
}
