<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

use Regimen\Schedule\Time\Grid;

/** An instant before which an activity cannot start, and what it waits for. */
final readonly class Release
{
    public function __construct(public int $instant, public string $cause)
    {
    }

    public function onGrid(): self
    {
        return new self(Grid::up($this->instant), $this->cause);
    }
}
