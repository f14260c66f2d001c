<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** What people were told: who, and when; kept in its order, and if it is close enough, at its time. */
final readonly class Announced
{
    /** @param  bool  $keepsTime  not before its start; otherwise as early as can be, in the order of starts */
    public function __construct(public ?int $worker, public int $start, public bool $keepsTime = true)
    {
    }

    /** Kept in its order only. */
    public function inOrder(): self
    {
        return new self($this->worker, $this->start, keepsTime: false);
    }
}
