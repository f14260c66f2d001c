<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

final readonly class LogbookDay
{
    /** @param  list<LogbookLine>  $lines */
    public function __construct(public string $day, public array $lines)
    {
    }
}
