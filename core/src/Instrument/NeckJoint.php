<?php

declare(strict_types=1);

namespace Regimen\Instrument;

enum NeckJoint: string
{
    case BoltOn = 'bolt-on';
    case Set = 'set';
}
