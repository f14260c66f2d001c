<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

use Regimen\Schedule\Time\Grid;

/** A stretch in which a station, a fixture or the air is not available. Instants in minutes since 1970 UTC. */
final readonly class Outage
{
    /** @param  bool  $climate  the air forbids it rather than a machine being down */
    public function __construct(
        public string $resource,
        public int $from,
        public int $to,
        public string $cause,
        public bool $climate = false,
    ) {
    }

    public function onGrid(): self
    {
        return new self($this->resource, Grid::down($this->from), Grid::up($this->to), $this->cause, $this->climate);
    }
}
