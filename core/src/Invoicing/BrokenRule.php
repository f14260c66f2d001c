<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

/** A rule of EN 16931-1 that an invoice breaks, by its name there, in words. */
final readonly class BrokenRule
{
    public function __construct(public string $rule, public string $sentence)
    {
    }
}
