<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

/** Which entries are wanted; empty for all. */
final readonly class LogbookAsked
{
    public function __construct(public string $words, public string $day, public string $person, public string $kind, public string $build, public string $problem)
    {
    }
}
