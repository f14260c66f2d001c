<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Tables;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Tables\Rooms;
use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;

/** How much of a resource is taken when, against counting. */
final class RoomsTest extends TestCase
{
    private Rooms $rooms;

    private State $state;

    public function test_a_use_moves_to_where_it_fits(): void
    {
        $this->there(2);
        $this->book(10, 20, 1, 3);
        $this->book(15, 30, 1, 4);
        self::assertSame(
            [0, 0, 20, 30, 30, 0],
            [
                $this->behind(0, 10, 2), $this->behind(10, 15, 1), $this->behind(12, 18, 1), $this->behind(12, 18, 2),
                $this->behind(20, 26, 2), $this->behind(20, 40, 1),
            ],
            'as far as the last of what is in the way',
        );
        self::assertSame([5, 30, 20, 20], [
            $this->rooms->fit($this->state, 1, 5, 5, 0), $this->rooms->fit($this->state, 1, 5, 6, 0),
            $this->rooms->fit($this->state, 0, 12, 5, 0), $this->rooms->fit($this->state, 0, 14, 500, 0),
        ], 'the first place that is long enough');
        self::assertSame([20 => 3, 30 => 4], $this->state->free[0]);
    }

    public function test_an_empty_stretch_fits_anywhere_and_takes_nothing(): void
    {
        $this->there(1);
        $this->book(10, 20, 1, 3);
        $this->book(12, 12, 1, 4);
        self::assertSame([0, 20], [$this->behind(15, 15, 1), $this->behind(10, 11, 1)]);
    }

    public function test_more_than_there_is_never_fits(): void
    {
        $this->there(1);
        $this->book(0, 5, 1, 3);
        self::assertSame(PHP_INT_MAX, $this->behind(0, 10, 2));
    }

    /** Against a count of every minute. */
    public function test_it_agrees_with_counting(): void
    {
        mt_srand(23);
        for ($round = 0; $round < 60; $round++) {
            $this->there(3);
            $used = array_fill(0, 120, 0);
            for ($booking = 0; $booking < 12; $booking++) {
                $from = mt_rand(0, 100);
                $to = $from + mt_rand(1, 19);
                $quantity = mt_rand(1, 2);
                $fits = max(array_slice($used, $from, $to - $from)) + $quantity <= 3;
                $behind = $this->behind($from, $to, $quantity);
                self::assertSame($fits, $behind === 0);
                if (! $fits) {
                    self::assertGreaterThan($from, $behind);

                    continue;
                }
                $this->book($from, $to, $quantity, $booking);
                for ($minute = $from; $minute < $to; $minute++) {
                    $used[$minute] += $quantity;
                }
            }
        }
    }

    private function there(int $capacity): void
    {
        $activities = array_map(
            static fn (int $quantity): Activity => new Activity(
                "a{$quantity}", 'b', 0, demands: [new Demand('clamps', $quantity)],
            ),
            [1, 2],
        );
        $this->rooms = new Rooms(new Tables(new Problem(0, $activities, [], ['clamps' => $capacity])));
        $this->state = new State;
        $this->rooms->begin($this->state);
    }

    private function book(int $from, int $to, int $quantity, int $activity): void
    {
        $this->rooms->book($this->state, 0, $from, $to, $quantity, $activity);
    }

    private function behind(int $from, int $to, int $quantity): int
    {
        return $this->rooms->blockedUntil($this->state, $quantity - 1, $from, $to, 0);
    }
}
