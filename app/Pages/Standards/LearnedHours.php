<?php

declare(strict_types=1);

namespace App\Pages\Standards;

final readonly class LearnedHours
{
    /**
     * @param  list<float>  $ratios  worked over estimated of each past job, the oldest first
     * @param  list<string>  $keptOut  jobs that teach nothing, and why
     */
    public function __construct(
        public string $best,
        public string $labour,
        public string $worst,
        public int $jobs,
        public array $ratios,
        public array $keptOut,
    ) {
    }
}
