<?php

declare(strict_types=1);

namespace Regimen\Instrument;

enum Hand: string
{
    case Right = 'right';
    case Left = 'left';
}
