<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Simulation;

use Regimen\Forecast\Chance\BetaPert;
use Regimen\Forecast\Chance\Quantiles;
use Regimen\Forecast\Simulation\Doubt;
use Regimen\Forecast\Simulation\Doubts;
use Regimen\Forecast\Simulation\Outcome;
use Regimen\Forecast\Simulation\Runs;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** Small networks that are drawn: people who are there day and night, so that only the network decides. */
final class DrawnShop
{
    public const NOW = 29_558_000 - 29_558_000 % 5;

    /** Minutes of a unit: large, so that the five-minute marks do not show. */
    public const UNIT = 2_000;

    /** @return list<Worker> */
    public static function people(int $count): array
    {
        $always = WorkingHours::of(array_fill(1, 7, [[0, 1440]]), [], new \DateTimeZone('UTC'));

        return array_map(static fn (int $id): Worker => new Worker($id, "W{$id}", ['a'], Calendar::from($always, self::NOW)), range(1, $count));
    }

    /**
     * @param  array<string, array{list<string>, BetaPert}>  $network  predecessors and three points, in units
     * @param  int  $people  that never run short
     */
    public static function runs(array $network, int $people, int $seed = 1): Runs
    {
        $activities = $doubts = [];
        foreach ($network as $id => [$before, $points]) {
            $activities[] = new Activity($id, 'b', (int) round($points->usual * self::UNIT), 0, 'a', array_map(static fn (string $one): Predecessor => new Predecessor($one), $before));
            $doubts[$id] = new Doubt(self::relative($points), kind: $id);
        }

        return new Runs(new Problem(self::NOW, $activities, self::people($people), [], ['b' => new Due(null)]), new Doubts($doubts), array_fill_keys(array_keys($network), 0), seed: $seed);
    }

    public static function relative(BetaPert $points): Quantiles
    {
        return (new BetaPert($points->best / $points->usual, 1.0, $points->worst / $points->usual))->quantiles();
    }

    /** @return list<float> finishes in units from now */
    public static function units(Outcome $outcome): array
    {
        return array_map(static fn (int $finish): float => ($finish - self::NOW) / self::UNIT, $outcome->of('b')->finishes);
    }

    /**
     * @param  list<float>  $numbers
     * @return array{float, float} mean and variance
     */
    public static function moments(array $numbers): array
    {
        $mean = array_sum($numbers) / count($numbers);

        return [$mean, array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $numbers)) / (count($numbers) - 1)];
    }
}
