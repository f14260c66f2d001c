<?php

declare(strict_types=1);

namespace Regimen\Instrument;

/** A specification that cannot be read or built, field by field. */
final class InvalidSpecification extends \InvalidArgumentException
{
    /** @param  array<string, string>  $problems  what is wrong and what would be right, by field */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(' ', $problems));
    }
}
