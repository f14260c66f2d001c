<?php

declare(strict_types=1);

namespace App\Pages\Build;

final readonly class FinishedBuild
{
    public function __construct(
        public int $number,
        public string $title,
        public bool $calledOff,
        public bool $writtenOff,
        public string $finishedAt,
        public ?string $promisedOn,
        public int $estimatedMinutes,
        public int $workedMinutes,
    ) {
    }
}
