<?php

declare(strict_types=1);

namespace Regimen\Stores\Stock;

/** More is to be taken than there is. */
final class TooLittle extends \RuntimeException
{
    /** @param  int  $there  thousandths of the unit that can be taken */
    public function __construct(public readonly int $there)
    {
        parent::__construct('More is to be taken than there is.');
    }
}
