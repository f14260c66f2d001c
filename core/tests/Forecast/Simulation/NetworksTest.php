<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Simulation;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Chance\BetaPert;
use Regimen\Forecast\Normal;

/** The simulation against closed forms and the textbook’s network (P9). */
final class NetworksTest extends TestCase
{
    private const RUNS = 4_000;

    /** CALCULATIONS P9 (memory: a constructor’s 14 activities): what comes before, o, m, p. */
    private const TEXTBOOK = [
        'A' => [[], 1, 2, 3], 'B' => [['A'], 2, 3.5, 8], 'C' => [['B'], 6, 9, 18], 'D' => [['C'], 4, 5.5, 10], 'E' => [['C'], 1, 4.5, 5],
        'F' => [['E'], 4, 4, 10], 'G' => [['D'], 5, 6.5, 11], 'H' => [['E', 'G'], 5, 8, 17], 'I' => [['C'], 3, 7.5, 9], 'J' => [['F', 'I'], 3, 9, 9],
        'K' => [['J'], 4, 4, 4], 'L' => [['J'], 1, 5.5, 7], 'M' => [['H'], 1, 2, 3], 'N' => [['K', 'L'], 5, 5.5, 9],
    ];

    public function test_the_textbook_path_has_its_mean_and_its_two_variances(): void
    {
        $mean = $classical = $beta = 0.0;
        foreach (['A', 'B', 'C', 'E', 'F', 'J', 'L', 'N'] as $one) {
            [, $best, $usual, $worst] = self::TEXTBOOK[$one];
            $points = new BetaPert($best, $usual, $worst);
            $mean += $points->mean();
            $classical += $points->classicalVariance();
            $beta += $points->variance();
        }
        $this->assertEqualsWithDelta([44.0, 9.0, 9.286], [$mean, $classical, $beta], 0.0005);
        $this->assertEqualsWithDelta(0.841, Normal::below((47 - $mean) / sqrt($classical)), 0.0005);
    }

    /** 200,000 runs of the whole network gave a mean of 44.32 and 81.6 % within 47: other paths join in. */
    public function test_the_whole_network_takes_longer_than_its_longest_path(): void
    {
        $network = array_map(static fn (array $one): array => [$one[0], new BetaPert($one[1], $one[2], $one[3])], self::TEXTBOOK);
        $units = DrawnShop::units(DrawnShop::runs($network, 14)->outcome(self::RUNS, false));
        [$mean, $variance] = DrawnShop::moments($units);
        $this->assertEqualsWithDelta(44.32, $mean, 4 * sqrt($variance / self::RUNS));
        $within = count(array_filter($units, static fn (float $one): bool => $one <= 47)) / self::RUNS;
        $this->assertEqualsWithDelta(0.816, $within, 4 * sqrt(0.816 * 0.184 / self::RUNS));
    }

    /** A chain takes the sum: means and variances add up. */
    public function test_a_chain_takes_the_sum(): void
    {
        $points = new BetaPert(1, 2, 6);
        $network = [];
        for ($at = 1; $at <= 10; $at++) {
            $network["c{$at}"] = [$at === 1 ? [] : ['c'.$at - 1], $points];
        }
        [$mean, $variance] = DrawnShop::moments(DrawnShop::units(DrawnShop::runs($network, 1)->outcome(self::RUNS, false)));
        $this->assertEqualsWithDelta(10 * $points->mean(), $mean, 4 * sqrt(10 * $points->variance() / self::RUNS));
        $this->assertEqualsWithDelta(10 * $points->variance(), $variance, 0.1 * 10 * $points->variance());
    }

    /** Clark (1961): the mean of the largest of two normals is µ₁Φ(α) + µ₂Φ(−α) + a·φ(α), a² = σ₁² + σ₂², α = (µ₁ − µ₂)/a. */
    public function test_a_fork_takes_the_longer_of_two(): void
    {
        $network = [];
        foreach (['l' => new BetaPert(1, 2, 6), 's' => new BetaPert(1, 2.1, 5)] as $branch => $points) {
            for ($at = 1; $at <= 12; $at++) {
                $network["{$branch}{$at}"] = [$at === 1 ? [] : [$branch.$at - 1], $points];
            }
        }
        [$mean, $variance] = DrawnShop::moments(DrawnShop::units(DrawnShop::runs($network, 2)->outcome(self::RUNS, false)));
        [$one, $two] = [new BetaPert(1, 2, 6), new BetaPert(1, 2.1, 5)];
        $a = sqrt(12 * ($one->variance() + $two->variance()));
        $alpha = 12 * ($one->mean() - $two->mean()) / $a;
        $clark = 12 * $one->mean() * Normal::below($alpha) + 12 * $two->mean() * Normal::below(-$alpha) + $a * exp(-$alpha ** 2 / 2) / sqrt(2 * M_PI);
        $this->assertEqualsWithDelta($clark, $mean, 4 * sqrt($variance / self::RUNS) + 0.02 * $a);
    }

    /** The largest of five alike has the fifth power of their distribution. */
    public function test_the_last_of_five_is_the_largest_order_statistic(): void
    {
        $points = new BetaPert(1, 2, 6);
        $network = array_fill_keys(['a', 'b', 'c', 'd', 'e'], [[], $points]);
        $units = DrawnShop::units(DrawnShop::runs($network, 5)->outcome(self::RUNS, false));
        $laid = $points->quantiles();
        foreach ([0.2, 0.5, 0.8] as $share) {
            $at = $laid->at($share ** (1 / 5));
            $this->assertEqualsWithDelta($share, count(array_filter($units, static fn (float $one): bool => $one <= $at)) / self::RUNS, 0.03);
        }
    }

    /** Kolmogorov and Smirnov: of so many draws the largest distance stays under 1.63/√n in 99 of 100. */
    public function test_what_is_drawn_is_distributed_as_it_should_be(): void
    {
        foreach ([new BetaPert(1, 2, 6), new BetaPert(4, 4, 10), new BetaPert(3, 9, 9)] as $points) {
            $units = DrawnShop::units(DrawnShop::runs(['a' => [[], $points]], 1, seed: 3)->outcome(self::RUNS, false));
            sort($units);
            $laid = $points->quantiles();
            $furthest = 0.0;
            foreach ($units as $at => $one) {
                $below = $laid->below($one);
                $furthest = max($furthest, abs($below - $at / self::RUNS), abs($below - ($at + 1) / self::RUNS));
            }
            $this->assertLessThan(1.63 / sqrt(self::RUNS), $furthest);
        }
    }
}
