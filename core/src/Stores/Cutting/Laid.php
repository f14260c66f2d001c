<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** A piece where it lies on a board. */
final readonly class Laid
{
    public function __construct(public int $wanted, public int $face, public Area $area, public Turn $turn = Turn::Along)
    {
    }
}
