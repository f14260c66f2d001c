<?php

declare(strict_types=1);

namespace Regimen\Stores;

/** What is marked on a board and cut around (TRADE section 9). */
enum DefectKind: string
{
    case Knot = 'knot';
    case Split = 'split';
    case RunOut = 'run-out';
    case Sap = 'sap';

    public function words(): string
    {
        return $this === self::Sap ? 'sapwood' : $this->value;
    }
}
