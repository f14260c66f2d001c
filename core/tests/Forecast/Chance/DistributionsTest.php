<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Chance;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Chance\BetaPert;
use Regimen\Forecast\Chance\Quantiles;
use Regimen\Forecast\Chance\Spread;
use Regimen\Forecast\Normal;

/** What is drawn from, against closed forms (P5, P8). */
final class DistributionsTest extends TestCase
{
    /** P5: mean (o + 4m + p)/6, variance (µ − o)(p − µ)/7; the moments of what is laid out for drawing are the same. */
    #[TestWith([1.0, 2.0, 3.0])]
    #[TestWith([2.0, 3.5, 8.0])]
    #[TestWith([6.0, 9.0, 18.0])]
    #[TestWith([4.0, 4.0, 10.0])]
    #[TestWith([3.0, 9.0, 9.0])]
    public function test_a_beta_pert_has_its_moments(float $best, float $usual, float $worst): void
    {
        $pert = new BetaPert($best, $usual, $worst);
        $mean = ($best + 4 * $usual + $worst) / 6;
        $this->assertEqualsWithDelta($mean, $pert->mean(), 1e-12);
        $this->assertEqualsWithDelta((($worst - $best) / 6) ** 2, $pert->classicalVariance(), 1e-12);
        [$m, $v] = self::moments($pert->quantiles());
        $this->assertEqualsWithDelta($pert->mean(), $m, 0.003 * ($worst - $best));
        $this->assertEqualsWithDelta($pert->variance(), $v, 0.02 * $pert->variance());
    }

    /** Beta(2, 4) on 0…1 is beta-PERT with 0, 1/4, 1: its distribution function is 10x²(1−x)³ + 10x³(1−x)² + 5x⁴(1−x) + x⁵. */
    public function test_shares_of_a_beta_are_those_of_its_closed_form(): void
    {
        $laid = (new BetaPert(0, 0.25, 1))->quantiles();
        foreach ([0.1, 0.2, 0.3, 0.5, 0.7] as $x) {
            $below = 10 * $x ** 2 * (1 - $x) ** 3 + 10 * $x ** 3 * (1 - $x) ** 2 + 5 * $x ** 4 * (1 - $x) + $x ** 5;
            $this->assertEqualsWithDelta($below, $laid->below($x), 0.002);
            $this->assertEqualsWithDelta($x, $laid->at($below), 0.003);
        }
    }

    public function test_a_log_normal_has_its_closed_forms(): void
    {
        $spread = new Spread(log(3), 0.4);
        $this->assertEqualsWithDelta([3.0, 3 * exp(0.08), 0.5], [$spread->median(), $spread->mean(), $spread->below(3.0)], 1e-12);
        $this->assertEqualsWithDelta(3 * exp(0.4 * 1.2815515655446), $spread->quantile(0.9), 1e-9);
        $same = Spread::withMoments($spread->mean(), (exp(0.16) - 1) * $spread->mean() ** 2);
        $this->assertEqualsWithDelta([log(3), 0.4], [$same->log, $same->deviation], 1e-12);
        [$mean] = self::moments($spread->quantiles());
        $this->assertEqualsWithDelta($spread->mean(), $mean, 0.005);
        $this->assertEqualsWithDelta(0.9, $spread->quantiles()->below($spread->quantile(0.9)), 0.001);
        $this->assertSame([0.0, 0.0, 1.0], [$spread->below(0), $spread->quantiles()->below(0.001), $spread->quantiles()->below(1e6)]);
    }

    public function test_three_points_become_the_log_normal_with_the_same_moments(): void
    {
        $pert = new BetaPert(3, 4, 7);
        $spread = $pert->spread();
        $this->assertEqualsWithDelta($pert->mean(), $spread->mean(), 1e-12);
        $this->assertEqualsWithDelta($pert->variance(), (exp($spread->deviation ** 2) - 1) * $spread->mean() ** 2, 1e-12);
    }

    public function test_what_is_certain_is_always_the_same(): void
    {
        $certain = (new BetaPert(5, 5, 5))->quantiles();
        $this->assertSame([5.0, 5.0, 5.0], [$certain->at(0.0), $certain->at(0.5), $certain->at(0.999)]);
        $this->assertSame([0.0, 1.0], [$certain->below(4.9), $certain->below(5.1)]);
    }

    #[TestWith([[2.0, 1.0, 3.0]])]
    #[TestWith([[1.0, 4.0, 3.0]])]
    public function test_points_out_of_order_are_refused(array $points): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new BetaPert(...$points);
    }

    public function test_a_spread_below_zero_is_refused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new Spread(0.0, -0.1);
    }

    public function test_no_spread_has_a_mean_of_zero(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Spread::withMoments(0.0, 1.0);
    }

    public function test_the_normal_distribution_laid_out_is_the_one_worked_out(): void
    {
        $laid = Quantiles::of(Normal::quantile(...));
        foreach ([-1.5, -0.2, 0.0, 0.7, 1.9] as $z) {
            $this->assertEqualsWithDelta(Normal::below($z), $laid->below($z), 0.001);
        }
    }

    /** @return array{float, float} mean and variance of what is laid out */
    private static function moments(Quantiles $laid): array
    {
        $sum = $squares = 0.0;
        for ($at = 0; $at < 20_000; $at++) {
            $one = $laid->at(($at + 0.5) / 20_000);
            $sum += $one;
            $squares += $one ** 2;
        }

        return [$sum / 20_000, $squares / 20_000 - ($sum / 20_000) ** 2];
    }
}
