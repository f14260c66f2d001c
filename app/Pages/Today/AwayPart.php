<?php

declare(strict_types=1);

namespace App\Pages\Today;

/** A block of their own, in minutes after midnight; without them the whole day. */
final readonly class AwayPart
{
    public function __construct(
        public ?int $from,
        public ?int $to,
        public string $words,
    ) {
    }
}
