<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** A problem that has no plan at all. */
final class ImpossibleProblem extends \DomainException
{
    /** @param  list<string>  $activities  that wait for each other */
    public function __construct(string $message, public readonly array $activities = [])
    {
        parent::__construct($message);
    }

    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    /** @param  list<string>  $activities */
    public static function circle(array $activities): self
    {
        return new self('These wait for each other: '.implode(', ', $activities).'.', $activities);
    }
}
