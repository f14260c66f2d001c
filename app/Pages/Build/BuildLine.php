<?php

declare(strict_types=1);

namespace App\Pages\Build;

use App\Pages\Worked\Drawing;
use Regimen\Forecast\Verdict;

/** A build in a line, as lists show it. */
readonly class BuildLine
{
    public function __construct(
        public int $number,
        public string $title,
        public string $inOneLine,
        public Drawing $drawing,
        public Inked $inked,
        public ?string $promisedOn,
        public ?string $finish,
        public Verdict $verdict,
        public ?int $slackDays,
        public string $slackWords,
    ) {
    }
}
