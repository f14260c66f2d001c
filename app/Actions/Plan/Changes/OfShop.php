<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;

/** A change of the shop as a whole. */
trait OfShop
{
    public function build(): ?Build
    {
        return null;
    }
}
