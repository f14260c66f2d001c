<?php

declare(strict_types=1);

namespace Regimen\Forecast\Learned;

use Regimen\Forecast\Chance\Spread;
use Regimen\Forecast\Normal;

/**
 * What something takes for each hour that is estimated for it (CALCULATIONS P5, P8): log-normal, what is known before weighing as
 * so many jobs.
 */
final readonly class Ratio
{
    /**
     * @param  float  $log  of the median, natural
     * @param  float  $deviation  of the logarithm from job to job
     * @param  float  $unsure  deviation of the median’s logarithm: how little is known about it
     * @param  int  $n  jobs that it was learned from
     */
    public function __construct(public float $log, public float $deviation, public float $unsure, public int $n)
    {
    }

    /**
     * The posterior of a mean and a variance: the prior’s weigh as k jobs, the jobs as much as they are recent.
     *
     * @param  list<array{float, float}>  $jobs  logarithm and weight of each
     * @param  float  $k  above zero
     */
    public static function after(float $log, float $deviation, float $k, array $jobs): self
    {
        $weight = $sum = 0.0;
        foreach ($jobs as [$one, $of]) {
            $weight += $of;
            $sum += $of * $one;
        }
        $mean = ($k * $log + $sum) / ($k + $weight);
        $squares = $k * ($deviation ** 2 + ($log - $mean) ** 2);
        foreach ($jobs as [$one, $of]) {
            $squares += $of * ($one - $mean) ** 2;
        }
        $own = sqrt($squares / ($k + $weight));

        return new self($mean, $own, $own / sqrt($k + $weight), count($jobs));
    }

    public function median(): float
    {
        return exp($this->log);
    }

    /** Of the next job, with how little is known. */
    public function next(): Spread
    {
        return new Spread($this->log, hypot($this->deviation, $this->unsure));
    }

    /**
     * Between which the next lies so often.
     *
     * @param  float  $share  above 0 and below 1, 0.8 for eight in ten
     * @return array{float, float}
     */
    public function interval(float $share): array
    {
        $z = Normal::quantile((1 + $share) / 2);
        $next = $this->next();

        return [exp($next->log - $z * $next->deviation), exp($next->log + $z * $next->deviation)];
    }
}
