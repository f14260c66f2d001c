<?php

declare(strict_types=1);

namespace App\Planning\House;

use App\Models\House\OperationStandard;
use App\Planning\Forecast\PastJobs;
use App\Support\Clock;
use Illuminate\Support\Collection;
use Regimen\Forecast\Learned\Job;
use Regimen\Forecast\Learned\Outliers;
use Regimen\Forecast\Learning;
use Regimen\Units\Duration;

/** What recorded hours of operations that are done say about the house standards: what is recent weighs more, and what is far out is kept out. */
final readonly class Learned
{
    public function __construct(private PastJobs $past, private Clock $clock)
    {
    }

    /**
     * @param  Collection<int, OperationStandard>  $standards
     * @return array<string, LearnedStandard> by standard and tool
     */
    public function byStandard(Collection $standards): array
    {
        $like = [];
        foreach ($this->past->all($this->clock->now()) as $job) {
            $like["{$job->operation} {$job->way}"][] = $job;
        }
        $learned = [];
        foreach ($standards as $standard) {
            $key = "{$standard->key} {$standard->tool->value}";
            if (isset($like[$key])) {
                $learned[$key] = self::of($standard, $like[$key]);
            }
        }

        return $learned;
    }

    /** @param  list<Job>  $jobs  the latest first */
    private static function of(OperationStandard $standard, array $jobs): LearnedStandard
    {
        [$kept, $out] = Outliers::of($jobs);
        $planned = $standard->set_up_minutes + $standard->labour_minutes;
        // An instrument with more frets takes longer; it counts as what it says about the usual one.
        $minutes = array_map(static fn (Job $job): int => (int) round($job->worked * $planned / max(1, $job->estimated)) - $standard->set_up_minutes, $kept);
        $weights = array_map(static fn (Job $job): float => $job->weight(), $kept);

        return new LearnedStandard(Learning::learn(Duration::ofMinutes($standard->labour_minutes), $minutes, $weights), $kept, $out);
    }
}
