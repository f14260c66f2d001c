<?php

declare(strict_types=1);

namespace Regimen\Timber;

/** What a cubic metre of a lot weighs, as it was weighed. */
final readonly class LotDensity
{
    /**
     * @param  string  $name  of the lot, `board 14`
     * @param  float  $kilograms  a cubic metre
     * @param  float|null  $moisture  at which it was weighed, % of the dry mass; null where nobody read it
     */
    public function __construct(public string $name, public string $species, public float $kilograms, public ?float $moisture)
    {
    }

    /** The same dry timber with so much water in it; that it shrinks a little as it dries is left out of it. */
    public function at(float $moisture): float
    {
        return $this->moisture === null ? $this->kilograms : $this->kilograms * (1 + $moisture / 100) / (1 + $this->moisture / 100);
    }
}
