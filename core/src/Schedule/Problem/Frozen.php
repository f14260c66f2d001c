<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** What was told before and is kept: by whom, in which order, and if it is close enough, when. */
final readonly class Frozen
{
    /** @param  bool  $keepsTime  not before its start; otherwise as early as can be, in the order of starts */
    public function __construct(public ?int $worker, public int $start, public bool $keepsTime = true)
    {
    }
}
