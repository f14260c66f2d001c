<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fields;

/** Values that are their own words. */
trait WordsOfValue
{
    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
