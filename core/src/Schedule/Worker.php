<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** A person as the plan sees them: what they can do and when they work. */
final readonly class Worker
{
    /** @param  list<string>  $skills */
    public function __construct(public int $id, public string $name, public array $skills, public Calendar $calendar)
    {
    }
}
