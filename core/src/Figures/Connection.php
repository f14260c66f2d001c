<?php

declare(strict_types=1);

namespace Regimen\Figures;

/** One wire of an instrument’s circuit. */
final readonly class Connection
{
    public function __construct(public string $from, public string $to, public bool $isGround)
    {
    }

    public function words(): string
    {
        return "{$this->from} to {$this->to}";
    }
}
