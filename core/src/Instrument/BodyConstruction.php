<?php

declare(strict_types=1);

namespace Regimen\Instrument;

enum BodyConstruction: string
{
    case Solid = 'solid';
    case Chambered = 'chambered';
}
