<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Promise;

/** What the tests of this subject share. */
trait ImprovedShops
{
    private function shop(int $seed): Problem
    {
        mt_srand($seed);
        $now = $this->at('2026-03-20 11:17');
        $activities = $dues = [];
        $capacities = ['clamps' => 2, 'bench' => 1];
        foreach (range(1, 5) as $build) {
            $dues["b{$build}"] = new Due($now + mt_rand(2, 14) * 1_440, promise: Promise::cases()[mt_rand(0, 2)]);
            $capacities["piece{$build}"] = 1;
            foreach (range(1, 9) as $step) {
                $before = $step > 1 ? [
                    new Predecessor(
                        "b{$build}s".mt_rand(max(1, $step - 3), $step - 1), mt_rand(0, 5) === 0 ? mt_rand(60, 2000) : 0,
                    ),
                ] : [];
                $demands = [
                    new Demand("piece{$build}", 1, true),
                    mt_rand(0, 1) === 1 ? new Demand('clamps', mt_rand(1, 2), true) : new Demand('bench'),
                ];
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", mt_rand(10, 300), mt_rand(0, 3) === 0 ? mt_rand(60, 1500) : 0,
                    mt_rand(0, 1) === 1 ? 'wood' : 'any', $before, $demands, oneSitting: mt_rand(0, 4) === 0,
                );
            }
        }

        return new Problem(
            $now, $activities, [$this->worker(1, ['any', 'wood']), $this->worker(2, ['any'])], $capacities, $dues,
        );
    }
}
