<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

/** What a finish can hang on. */
enum HangKind: string
{
    case Operation = 'operation';
    case Person = 'person';
    case Place = 'place';
    case Part = 'part';
}
