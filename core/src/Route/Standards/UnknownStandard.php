<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

/** The route asks for an operation or a finish that the house has no standard for. */
final class UnknownStandard extends \OutOfBoundsException
{
    public static function operation(string $key): self
    {
        return new self("The house has no standard for the operation “{$key}”. Add it to the house standards.");
    }

    public static function finish(string $system): self
    {
        return new self("The house has no standard for the finish “{$system}”. Add it to the house standards.");
    }
}
