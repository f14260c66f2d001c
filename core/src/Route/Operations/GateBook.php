<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Figures\Workings;
use Regimen\Inspection\Target;
use Regimen\Inspection\Tolerances;
use Regimen\Route\Entry\Inspector;

/** What is measured at the end of each operation of one instrument. */
final readonly class GateBook
{
    private function __construct(private Inspector $inspector)
    {
    }

    public static function for(Workings $workings, Tolerances $tolerances): self
    {
        return new self(Inspector::of($workings, $tolerances));
    }

    /**
     * @param  string  $operation  key on the route
     * @return list<Target> empty where the operation ends without a gate
     */
    public function after(string $operation): array
    {
        return Operations::gateAfter($operation)?->targets($this->inspector) ?? [];
    }
}
