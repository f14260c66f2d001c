<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** Something that would raise the chance of a promise. */
final readonly class RaiseLine
{
    /** @param  array<string, int|string|null>|null  $change  to the plan; null where it has to be asked for */
    public function __construct(public string $words, public string $kind, public int $before, public int $after, public ?array $change)
    {
    }
}
