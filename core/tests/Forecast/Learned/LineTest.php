<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Learned;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Learned\Line;
use Regimen\Forecast\Learned\Repetition;

/** Fits against reference data. */
final class LineTest extends TestCase
{
    /** NIST StRD, linear regression, data set “Norris” with its certified values (from memory; the digits agree). */
    private const X = [
        0.2, 337.4, 118.2, 884.6, 10.1, 226.5, 666.3, 996.3, 448.6, 777.0, 558.2, 0.4, 0.6, 775.5, 666.9, 338.0, 447.5, 11.6,
        556.0, 228.1, 995.8, 887.6, 120.2, 0.3, 0.3, 556.8, 339.1, 887.2, 999.0, 779.0, 11.1, 118.3, 229.2, 669.1, 448.9, 0.5,
    ];

    private const Y = [
        0.1, 338.8, 118.1, 888.0, 9.2, 228.1, 668.5, 998.5, 449.1, 778.9, 559.2, 0.3, 0.1, 778.1, 668.8, 339.3, 448.9, 10.8,
        557.7, 228.3, 998.0, 888.8, 119.6, 0.3, 0.6, 557.6, 339.3, 888.0, 998.5, 778.9, 10.2, 117.6, 228.9, 668.4, 449.2, 0.2,
    ];

    public function test_a_line_is_fitted_to_the_certified_digits(): void
    {
        $line = Line::through(self::X, self::Y);
        $this->assertEqualsWithDelta(
            [-0.262323073774029, 1.00211681802045, 0.884796396144373, 0.232818234301152, 0.000429796848199937],
            [$line->intercept, $line->slope, $line->deviation, $line->interceptError, $line->slopeError], 1e-9,
        );
    }

    /** CALCULATIONS P12: r 0.8 leaves 0.64 of the time for the 4th and 0.512 for the 8th. */
    public function test_a_curve_of_learning_is_found_again(): void
    {
        $times = array_map(static fn (int $n): float => 100 * $n ** log(0.8, 2), range(1, 8));
        $curve = Repetition::fit($times);
        $this->assertNotNull($curve);
        $this->assertEqualsWithDelta([100, 0.8, 64, 51.2], [$curve->first(), $curve->rate(), $curve->time(4), $curve->time(8)], 1e-9);
        $this->assertSame(8, $curve->n());
    }

    public function test_the_next_repeat_is_not_below_the_best_that_was_recorded(): void
    {
        $curve = Repetition::fit([100, 80, 70]);
        $this->assertLessThan(70, $curve?->time(4));
        $this->assertEqualsWithDelta(70.0, $curve?->next()->median(), 1e-9);
        $this->assertNull(Repetition::fit([100, 80]));
        $this->assertNull(Repetition::fit([100, 0, 80]));
    }

    public function test_three_repeats_say_less_than_ten(): void
    {
        $wobble = static fn (int $n): float => (100 - $n) * ($n % 2 === 0 ? 1.1 : 0.9);
        $few = Repetition::fit(array_map($wobble, range(1, 3)));
        $many = Repetition::fit(array_map($wobble, range(1, 10)));
        $this->assertGreaterThan(1.3 * (float) $many?->next()->deviation, $few?->next()->deviation);
    }

    public function test_what_is_no_line_is_refused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Line::through([1, 1, 1], [1, 2, 3]);
    }
}
