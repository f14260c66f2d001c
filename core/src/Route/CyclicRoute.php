<?php

declare(strict_types=1);

namespace Regimen\Route;

/** The links go round in a circle, so that no order satisfies them. */
final class CyclicRoute extends \LogicException
{
    /** @param  list<string>  $keys  the operations that are in the circle or behind it */
    public static function among(array $keys): self
    {
        return new self('No order satisfies the links between: '.implode(', ', $keys).'.');
    }
}
