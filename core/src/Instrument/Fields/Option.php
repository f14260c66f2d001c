<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fields;

/** One of a closed set that a maker chooses from. */
interface Option
{
    public function words(): string;
}
