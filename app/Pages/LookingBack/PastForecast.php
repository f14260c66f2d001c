<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** A build that is over, and what was forecast of it. */
final readonly class PastForecast
{
    /** @param  bool  $replayed  worked out afterwards from what was known then */
    public function __construct(
        public int $number, public string $title, public string $given, public string $from, public string $to, public string $middle, public ?string $planned, public string $finished,
        public ?string $promisedOn, public ?int $percent, public bool $held, public bool $replayed,
    ) {
    }
}
