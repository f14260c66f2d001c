<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;

/** What the tests of this subject share. */
trait FixedShops
{
    /**
     * @param  list<Activity>  $activities
     * @param  list<Worker>  $workers
     * @param  array<string, int>  $capacities
     * @param  array<string, Due>  $dues
     * @param  list<Outage>  $outages
     */
    private function problem(
        array $activities,
        array $workers,
        array $capacities = [],
        array $dues = [],
        array $outages = [],
        string $now = '2026-03-18 08:00',
    ): Problem {
        return new Problem($this->at($now), $activities, $workers, $capacities, $dues, $outages);
    }

    /**
     * @param  list<Activity>  $activities
     * @param  list<Worker>  $workers
     * @param  array<string, int>  $capacities
     * @param  array<string, Due>  $dues
     * @param  list<Outage>  $outages
     */
    private function plan(
        array $activities,
        array $workers,
        array $capacities = [],
        array $dues = [],
        array $outages = [],
    ): Plan {
        return Builder::plan($this->problem($activities, $workers, $capacities, $dues, $outages));
    }
}
