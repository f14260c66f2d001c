<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** A shop for schedule tests: Monday to Friday, 8–12 and 12:30–17, in a zone with clock changes. */
trait Shops
{
    private function zone(): \DateTimeZone
    {
        return new \DateTimeZone('Europe/Berlin');
    }

    /** @param  list<string>  $closed */
    private function hours(array $closed = []): WorkingHours
    {
        return WorkingHours::of(array_fill(1, 5, [[480, 720], [750, 1020]]), $closed, $this->zone());
    }

    /** @param  list<string>  $closed */
    private function calendar(array $closed = []): Calendar
    {
        return Calendar::from($this->hours($closed), $this->at('2026-02-23 00:00'));
    }

    /** @param  list<string>  $skills */
    private function worker(int $id, array $skills = ['any']): Worker
    {
        return new Worker($id, "Worker {$id}", $skills, $this->calendar());
    }

    private function at(string $local): int
    {
        return intdiv((new \DateTimeImmutable($local, $this->zone()))->getTimestamp(), 60);
    }

    private function local(int $instant): string
    {
        return (new \DateTimeImmutable('@'.$instant * 60))->setTimezone($this->zone())->format('Y-m-d H:i');
    }

    /** Four builds of twelve operations, two people, a station and two fixtures. */
    private function randomShop(int $seed): Problem
    {
        mt_srand($seed);
        $activities = [];
        foreach (range(1, 4) as $build) {
            foreach (range(1, 12) as $step) {
                $before = $step > 1 ? [new Predecessor("b{$build}s".mt_rand(max(1, $step - 3), $step - 1))] : [];
                $demands = mt_rand(0, 1) === 1
                    ? [new Demand('fixture', mt_rand(1, 2), throughHold: true)]
                    : [new Demand('station')];
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", mt_rand(10, 400), mt_rand(0, 3) === 0 ? mt_rand(60, 3000) : 0,
                    mt_rand(0, 1) === 1 ? 'wood' : 'any', $before, $demands,
                );
            }
        }

        return new Problem(
            $this->at('2026-03-20 11:17'), $activities, [$this->worker(1, ['any', 'wood']), $this->worker(2, ['any'])],
            ['fixture' => 2, 'station' => 1],
        );
    }
}
