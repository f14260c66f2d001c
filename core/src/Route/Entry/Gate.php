<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Inspection\Target;

/** What is measured at the end of an operation before the next one begins. */
final readonly class Gate
{
    /**
     * @param  string  $words  in a few words
     * @param  \Closure(Inspector): list<Target>  $targets  from the specification, within the tolerances of the house
     */
    public function __construct(public string $words, private \Closure $targets)
    {
    }

    /** @return list<Target> */
    public function targets(Inspector $inspector): array
    {
        return ($this->targets)($inspector);
    }
}
