<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** An operation that may wait for a decision, and the last day on which it can be made without moving anything. */
final readonly class WaitingOperation
{
    public function __construct(public int $id, public string $name, public string $lastDay)
    {
    }
}
