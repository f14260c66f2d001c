<?php

declare(strict_types=1);

namespace App\Pages\Today;

use Regimen\Forecast\Verdict;

final readonly class PromiseInDanger
{
    public function __construct(
        public int $build,
        public string $title,
        public Verdict $verdict,
        public ?int $slackDays,
        public string $words,
    ) {
    }
}
