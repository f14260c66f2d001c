<?php

declare(strict_types=1);

namespace Regimen\Route;

enum OperationState: string
{
    case Open = 'open';
    case Started = 'started';
    case Holding = 'holding';
    case Done = 'done';

    public function labourIsDone(): bool
    {
        return $this === self::Holding || $this === self::Done;
    }
}
