<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** A problem that has no plan at all. */
final class ImpossibleProblem extends \DomainException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    /** @param  list<string>  $activities */
    public static function circle(array $activities): self
    {
        return new self('These wait for each other: '.implode(', ', $activities).'.');
    }
}
