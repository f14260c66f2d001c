<?php

declare(strict_types=1);

namespace App\Pages\Jigs;

/** How a template stands to one build. */
final readonly class ServesLine
{
    public function __construct(public int $build, public string $title, public bool $fits, public string $words, public bool $drawn)
    {
    }
}
