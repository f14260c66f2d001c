<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Honesty;

use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Regimen\Forecast\Honesty\Calibration;
use Regimen\Forecast\Honesty\Given;
use Regimen\Forecast\Honesty\Recalibration;
use Regimen\Forecast\Normal;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** How good forecasts were (P11), against forecasts whose coverage is known because they were made up. */
final class CalibrationTest extends TestCase
{
    private const DAY = 1_440;

    /** What is drawn from the distribution that was forecast lies in its intervals as often as they say. */
    public function test_honest_forecasts_are_found_honest(): void
    {
        $all = new Calibration($this->drawn(1.0, 0.0));
        $this->assertEqualsWithDelta([0.5, 0.8, 0.8], [$all->held(50), $all->held(80), $all->by(80)], 0.03);
        $this->assertEqualsWithDelta(0.0, $all->biasInDays(), 0.5);
        foreach ($all->curve() as $one) {
            $this->assertEqualsWithDelta($one['given'], $one['held'], 0.05, "chances of {$one['given']}");
        }
    }

    /** With half of the spread that there is: intervals of 80 % hold Φ(0.64) − Φ(−0.64) = 47.8 %, those of 50 % hold 26.4 %. */
    public function test_forecasts_that_are_too_sure_are_found_out(): void
    {
        $all = new Calibration($this->drawn(2.0, 0.0));
        $this->assertEqualsWithDelta([0.264, 0.478], [$all->held(50), $all->held(80)], 0.03);
        $this->assertLessThan(Calibration::byChance(0.8, $all->n)[0], $all->held(80));
    }

    public function test_forecasts_that_are_late_by_days_show_it(): void
    {
        $all = new Calibration($this->drawn(1.0, 4.0));
        $this->assertEqualsWithDelta(4.0, $all->biasInDays(), 0.5);
        $this->assertGreaterThan($all->errorInDays(), $all->plainErrorInDays());
    }

    /** Brier (1950) for two outcomes: chances of 1 that come true cost nothing, a half costs a quarter whatever happens. */
    public function test_the_brier_score_is_the_mean_square(): void
    {
        $of = static fn (float $chance, bool $kept): Given => new Given([50 => 0], 0, $chance, $kept);
        $this->assertEqualsWithDelta(0.0, (new Calibration([$of(1.0, true), $of(0.0, false)]))->brier(), 1e-12);
        $this->assertEqualsWithDelta(0.25, (new Calibration([$of(0.5, true), $of(0.5, false)]))->brier(), 1e-12);
        $this->assertEqualsWithDelta((0.1 ** 2 + 0.7 ** 2) / 2, (new Calibration([$of(0.9, true), $of(0.7, false)]))->brier(), 1e-12);
        $this->assertNull((new Calibration([new Given([50 => 0], 0)]))->brier());
    }

    public function test_nothing_that_is_over_says_nothing(): void
    {
        $none = new Calibration([]);
        $this->assertSame([0, null, null, null, null, []], [$none->n, $none->held(80), $none->brier(), $none->biasInDays(), $none->errorInDays(), $none->curve()]);
        $this->assertSame([0.0, 1.0], Calibration::byChance(0.8, 0));
    }

    /** Wilson (1927): 8 of 10 → 0.490 to 0.943 (a worked value, from memory). */
    public function test_what_comes_out_by_chance_is_wilsons_interval(): void
    {
        [$low, $high] = Calibration::byChance(0.8, 10);
        $this->assertEqualsWithDelta([0.490, 0.943], [$low, $high], 0.001);
    }

    public function test_only_intervals_that_are_kept_are_asked_for(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        (new Calibration([]))->held(95);
    }

    public function test_the_past_moves_and_widens_what_the_runs_say(): void
    {
        $past = [];
        for ($at = 0; $at < 200; $at++) {
            // A tenth longer than the runs say, scattering twice as widely.
            $past[] = ['median' => 40.0 * self::DAY, 'spread' => 0.1, 'took' => 40.0 * self::DAY * exp(0.1 + 0.2 * Normal::quantile(($at + 0.5) / 200))];
        }
        $learned = Recalibration::learn($past);
        $this->assertEqualsWithDelta([0.1, 2.0, 200], [$learned->shift, $learned->scale, $learned->n], 0.06);
        $runs = array_map(static fn (int $at): int => (int) (40 * self::DAY * exp(0.1 * Normal::quantile(($at + 0.5) / 501))), range(0, 500));
        $moved = $learned->of($runs, 0, PHP_INT_MAX);
        sort($moved);
        $this->assertEqualsWithDelta(40 * exp($learned->shift), $moved[250] / self::DAY, 0.1);
        $this->assertEqualsWithDelta($learned->scale * 0.1, log($moved[450] / $moved[250]) / Normal::quantile(0.9), 0.01);
    }

    public function test_without_a_past_the_middle_stays_and_the_ends_go_apart(): void
    {
        $none = Recalibration::learn([]);
        $this->assertSame([0.0, 0], [$none->shift, $none->n]);
        [$soon, $middle, $late] = $none->of([30 * self::DAY, 40 * self::DAY, 50 * self::DAY], 0, PHP_INT_MAX);
        $this->assertSame(40 * self::DAY, $middle);
        $this->assertLessThan(30 * self::DAY, $soon);
        $this->assertGreaterThan(50 * self::DAY, $late);
    }

    public function test_what_is_nearly_done_is_delayed_less(): void
    {
        $learned = new Recalibration(0.2, 1.0, 20, 40.0 * self::DAY);
        $this->assertEqualsWithDelta(40 * exp(0.2), $learned->of([40 * self::DAY], 0, PHP_INT_MAX)[0] / self::DAY, 0.01);
        $this->assertEqualsWithDelta(4 * exp(0.02), $learned->of([4 * self::DAY], 0, PHP_INT_MAX)[0] / self::DAY, 0.01);
    }

    public function test_nothing_is_handed_over_while_the_shop_is_closed_and_what_is_never_over_stays_so(): void
    {
        $shop = Calendar::from(WorkingHours::of([1 => [[480, 1020]]], [], new \DateTimeZone('UTC')), 0);
        $learned = new Recalibration(0.0, 1.0, 5);
        // The first Monday of 1970 was the fifth of January.
        $this->assertSame([4 * self::DAY + 480, PHP_INT_MAX], $learned->of([self::DAY, PHP_INT_MAX], 0, PHP_INT_MAX, $shop));
        $this->assertSame([0, 0], $learned->of([0, 0], 5, PHP_INT_MAX), 'what is over is over');
    }

    /** What took less than a day, or was forecast for less, says nothing about how long things take. */
    public function test_what_was_typed_in_afterwards_teaches_nothing(): void
    {
        $this->assertSame(0, Recalibration::learn([['median' => 60.0, 'spread' => 0.1, 'took' => 90_000.0], ['median' => 90_000.0, 'spread' => 0.1, 'took' => 60.0]])->n);
        $this->assertSame(0.0, Recalibration::spread(10.0, 10.0));
        $this->assertEqualsWithDelta(0.3, Recalibration::spread(exp(-0.3 * 1.2815515655446), exp(0.3 * 1.2815515655446)), 1e-9);
    }

    /**
     * @param  float  $wider  than what was forecast
     * @param  float  $later  days
     * @return list<Given>
     */
    private function drawn(float $wider, float $later): array
    {
        $random = new Randomizer(new Xoshiro256StarStar(5));
        $given = $shares = [];
        foreach ([10, 25, 50, 75, 80, 90] as $share) {
            $shares[$share] = Normal::quantile($share / 100);
        }
        for ($at = 0; $at < 1_500; $at++) {
            $middle = 50_000 + 20 * $random->getInt(0, 1_000);
            $day = static fn (float $z): int => (int) round($middle + 6 * self::DAY * $z);
            $by = array_map($day, $shares);
            $finish = (int) ($day($wider * Normal::quantile($random->getInt(1, 99_999) / 100_000)) + $later * self::DAY);
            $z = -1 + 2 * $random->getInt(0, 1_000) / 1_000;
            $given[] = new Given($by, $finish, Normal::below($z), $finish <= $day($z), $by[50] - 20 * self::DAY);
        }

        return $given;
    }
}
