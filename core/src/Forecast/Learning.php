<?php

declare(strict_types=1);

namespace Regimen\Forecast;

use Regimen\Route\Standards\ThreePoint;
use Regimen\Units\Duration;

/**
 * What the shop's own hours say about a standard (CALCULATIONS P5): log-normal in hours, the standard weighing as so
 * many jobs already done.
 */
final readonly class Learning
{
    /** The standard weighs as three past jobs; house convention. */
    public const STANDARD_WEIGHS = 3;

    private const FEWEST = 3;

    /** One in ten is shorter, one in ten longer: the normal distribution's 1.2816 deviations. */
    private const TENTH = 1.2816;

    private function __construct(public ThreePoint $hours, public int $jobs)
    {
    }

    /**
     * @param  list<int>  $minutes  recorded labour of past jobs, already brought to the usual amount
     * @param  list<float>  $weights  what each weighs, one where nothing is given
     * @return self|null nothing is learned from fewer than three jobs
     */
    public static function learn(Duration $standard, array $minutes, array $weights = []): ?self
    {
        $worked = array_filter($minutes, static fn (int $one): bool => $one > 0);
        $count = count($worked);
        if ($count < self::FEWEST || $standard->minutes === 0) {
            return null;
        }
        $weight = (float) self::STANDARD_WEIGHS;
        $sum = $weight * log($standard->minutes);
        foreach ($worked as $at => $one) {
            $weight += $weights[$at] ?? 1.0;
            $sum += ($weights[$at] ?? 1.0) * log($one);
        }
        $mean = $sum / $weight;
        $squares = self::STANDARD_WEIGHS * (log($standard->minutes) - $mean) ** 2;
        foreach ($worked as $at => $one) {
            $squares += ($weights[$at] ?? 1.0) * (log($one) - $mean) ** 2;
        }
        $deviation = sqrt($squares / ($weight - 1));
        $at = static fn (float $z): Duration => Duration::ofMinutes((int) round(exp($mean + $z * $deviation)));

        return new self(new ThreePoint($at(-self::TENTH), $at(0.0), $at(self::TENTH)), $count);
    }
}
