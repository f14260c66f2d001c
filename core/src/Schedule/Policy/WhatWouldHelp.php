<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Closure;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Problem\Problem;

/** Tries, by really planning again, what the shop could have one more of or do otherwise, and ranks what it gains. */
final readonly class WhatWouldHelp
{
    private const MOST = 8;

    /** Schedules that are made for each plan that is tried. */
    private const SCHEDULES = 6;

    public function __construct(private Problem $problem, private Standing $standing, private Variations $variations)
    {
    }

    /**
     * @param  (Closure(int, int): void)|null  $progress  told how many were tried of how many, before each
     * @return list<Help> the most helpful first
     */
    public function ranked(?Closure $progress = null): array
    {
        $today = $this->planned($this->problem);
        $cost = (new Objective)->cost($this->problem, $today->plan);
        $helps = [];
        $variations = iterator_to_array($this->variations->all($today), false);
        foreach ($variations as $tried => $variation) {
            if ($progress !== null) {
                $progress($tried, count($variations));
            }
            $planned = $this->planned($variation->problem);
            $saved = $cost - (new Objective)->cost($variation->problem, $planned->plan);
            $gains = $saved > 0 ? $this->gains($today, $planned) : [];
            if ($gains !== []) {
                $helps[] = new Help($variation, $saved, $gains);
            }
        }
        usort($helps, self::compare(...));

        return array_slice($helps, 0, self::MOST);
    }

    /** A later promise costs the shop's word: it comes after everything that costs only work or money. */
    private static function compare(Help $a, Help $b): int
    {
        $isPromise = static fn (Help $help): bool => $help->variation->kind === HelpKind::Promise;

        return [$isPromise($a), $b->saved] <=> [$isPromise($b), $a->saved];
    }

    private function planned(Problem $problem): Planned
    {
        return new Planned($problem, (new PlanOrder($problem, $this->standing->trying(self::SCHEDULES)))->planned()->plan);
    }

    /** @return list<Gain> */
    private function gains(Planned $today, Planned $other): array
    {
        $gains = [];
        foreach ($this->problem->dues as $build => $due) {
            $before = $today->finish($build);
            $after = $other->finish($build);
            if ($before === null || $after === null) {
                continue;
            }
            [$was, $is] = [$this->variations->day($before), $this->variations->day($after)];
            if ($is < $was) {
                $gains[] = new Gain($build, $was, $is, $due->instant !== null && $before > $due->instant);
            }
        }

        return $gains;
    }
}
