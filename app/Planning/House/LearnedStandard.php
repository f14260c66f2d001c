<?php

declare(strict_types=1);

namespace App\Planning\House;

use Regimen\Forecast\Learned\Job;
use Regimen\Forecast\Learned\Outlier;
use Regimen\Forecast\Learning;

/** What past jobs say about one standard. */
final readonly class LearnedStandard
{
    /**
     * @param  Learning|null  $lesson  null from too few jobs
     * @param  list<Job>  $jobs  that teach, the latest first
     * @param  list<Outlier>  $out  that are kept out
     */
    public function __construct(public ?Learning $lesson, public array $jobs, public array $out)
    {
    }
}
