<?php

declare(strict_types=1);

namespace Regimen\Route;

/** Links that go round in a circle. */
final class CyclicRoute extends \DomainException
{
    /** @param  list<string>  $names  of the operations, in the order in which they wait for each other */
    public static function through(array $names): self
    {
        return new self(
            'These operations wait for each other in a circle: '.implode(', then ', $names)
                .'. Take one of the links away.',
        );
    }
}
