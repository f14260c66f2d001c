<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

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
}
