<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** A stage held against its share of the hours. */
final readonly class StageOutlook
{
    /** @param  int|null  $percent  chance to stay within its share of the budget; null where none is set */
    public function __construct(public string $name, public string $planned, public string $worked, public string $forecast, public string $share, public ?int $percent, public bool $breaks)
    {
    }
}
