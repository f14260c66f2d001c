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
    private Inspector $inspector;

    public function __construct(Workings $workings, Tolerances $tolerances)
    {
        $this->inspector = Inspector::of($workings, $tolerances);
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
