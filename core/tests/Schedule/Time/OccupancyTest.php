<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Time;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Agenda;
use Regimen\Schedule\Building\Occupancy;
use Regimen\Tests\Schedule\Shops;

final class OccupancyTest extends TestCase
{
    use Shops;

    public function test_a_use_moves_to_where_it_fits(): void
    {
        $clamps = new Occupancy(2);
        $clamps->book(10, 20, 1, 'a');
        $clamps->book(15, 30, 1, 'b');
        self::assertNull($clamps->conflict(0, 10, 2));
        self::assertNull($clamps->conflict(10, 15, 1));
        self::assertSame(20, $clamps->conflict(12, 18, 1));
        self::assertSame(20, $clamps->conflict(12, 18, 2), 'as far as the last of what is in the way');
        self::assertSame(30, $clamps->conflict(20, 26, 2));
        self::assertNull($clamps->conflict(20, 40, 1));
        self::assertSame('a', $clamps->endingAt(20));
        self::assertNull($clamps->endingAt(21));
    }

    public function test_an_empty_stretch_fits_anywhere_and_takes_nothing(): void
    {
        $clamps = new Occupancy(1);
        $clamps->book(10, 20, 1, 'a');
        $clamps->book(12, 12, 1, 'nothing');
        self::assertNull($clamps->conflict(15, 15, 1));
        self::assertSame(20, $clamps->conflict(10, 11, 1));
    }

    public function test_more_than_there_is_never_fits(): void
    {
        self::assertSame(PHP_INT_MAX, (new Occupancy(1))->conflict(0, 10, 2));
    }

    /** Against a count of every minute. */
    public function test_it_agrees_with_counting(): void
    {
        mt_srand(23);
        for ($round = 0; $round < 60; $round++) {
            $occupancy = new Occupancy(3);
            $used = array_fill(0, 120, 0);
            for ($booking = 0; $booking < 12; $booking++) {
                $from = mt_rand(0, 100);
                $to = $from + mt_rand(1, 19);
                $quantity = mt_rand(1, 2);
                $fits = max(array_slice($used, $from, $to - $from)) + $quantity <= 3;
                $conflict = $occupancy->conflict($from, $to, $quantity);
                self::assertSame($fits, $conflict === null);
                if (! $fits) {
                    self::assertGreaterThan($from, $conflict);

                    continue;
                }
                $occupancy->book($from, $to, $quantity, "b{$booking}");
                for ($minute = $from; $minute < $to; $minute++) {
                    $used[$minute] += $quantity;
                }
            }
        }
    }

    public function test_an_agenda_fills_its_gaps(): void
    {
        // Monday 8:00 is the first working minute; the morning has 240.
        $agenda = new Agenda($this->worker(1));
        $monday = $this->at('2026-03-02 08:00');
        $first = $agenda->worker->calendar->worked($monday);
        $agenda->book($first + 60, 60, 'nine to ten');
        self::assertSame([$first, null], $agenda->gap($monday, 60, false), 'an hour fits before');
        self::assertSame([$first + 120, 'nine to ten'], $agenda->gap($monday, 61, false), 'more does not');
        $agenda->book($first + 120, 100, 'ten to twenty to twelve');
        self::assertSame(
            [$first + 240, 'ten to twenty to twelve'], $agenda->gap($monday, 61, true),
            'in one sitting only after lunch',
        );
        self::assertSame([$first + 220, 'ten to twenty to twelve'], $agenda->gap($monday, 61, false));
    }
}
