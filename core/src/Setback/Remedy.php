<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Units\Duration;

/** One thing that can be done about a setback, before it is tried beside the plan. */
final readonly class Remedy
{
    /**
     * @param  string  $option  which of several of its kind
     * @param  Duration  $labour  that it adds to what was to be done
     * @param  list<string>  $parts  what it needs, and where that is
     * @param  int  $cost  of those parts, in the shop's minor unit
     * @param  list<string>  $cannot  why it cannot be chosen; nothing where it can
     * @param  list<string>  $shows  what the client can see or hear of it, or finds otherwise than agreed
     */
    public function __construct(
        public RemedyKind $kind,
        public string $option,
        public string $name,
        public Duration $labour,
        public array $parts = [],
        public int $cost = 0,
        public array $cannot = [],
        public array $shows = [],
    ) {
    }

    public function canBeChosen(): bool
    {
        return $this->cannot === [];
    }
}
