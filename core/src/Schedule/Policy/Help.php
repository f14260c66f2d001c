<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

/** Something that would help, and what it gains. */
final readonly class Help
{
    /**
     * @param  int  $saved  of what the plan costs by the objective
     * @param  non-empty-list<Gain>  $gains
     */
    public function __construct(public Variation $variation, public int $saved, public array $gains)
    {
    }
}
