<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** One open build with its dates. */
final readonly class BuildChanceLine
{
    /** @param  int|null  $percent  chance to keep the promise */
    public function __construct(
        public int $number, public string $title, public ?string $promisedOn, public ?string $planned, public ?string $by50, public ?string $by80, public ?string $by95, public ?int $percent, public string $hangs,
    ) {
    }
}
