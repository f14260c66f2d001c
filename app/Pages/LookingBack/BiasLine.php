<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** What was estimated and what was worked. */
final readonly class BiasLine
{
    /**
     * @param  string  $ratio  worked for each hour that was estimated, `1.08 ×`
     * @param  string  $spread  between which eight of ten jobs lie
     */
    public function __construct(public string $name, public string $estimated, public string $worked, public string $ratio, public string $spread, public int $n, public bool $isOff)
    {
    }
}
