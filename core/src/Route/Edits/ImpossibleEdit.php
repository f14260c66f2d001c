<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

/** A change that cannot be made to this route, in a sentence with its fix. */
final class ImpossibleEdit extends \DomainException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public static function missing(string $key): self
    {
        return new self("The route has no operation “{$key}”.");
    }
}
