<?php

declare(strict_types=1);

namespace App\Pages\Build;

/** How sure a date is. */
final readonly class ChanceShown
{
    /**
     * @param  int|null  $percent  chance to keep the promise; null where there is none
     * @param  string  $by50  instant by which half of the runs are over
     */
    public function __construct(public ?int $percent, public string $by50, public ?string $by80, public ?string $by95, public string $words)
    {
    }
}
