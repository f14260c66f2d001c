<?php

declare(strict_types=1);

namespace Regimen\Costing;

/** The kit asks for something that the house price list does not have. */
final class UnknownPrice extends \OutOfBoundsException
{
    public static function of(string $key): self
    {
        return new self("“{$key}” is not on the house price list. Add it under Timber and parts.");
    }
}
