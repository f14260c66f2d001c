<?php

declare(strict_types=1);

namespace Regimen\Inspection\SetUp;

/** What one string is set up to, in mm and cents. */
final readonly class StringTargets
{
    /**
     * @param  string  $name  as makers call it: `1 E`
     * @param  float  $length  from nut to saddle
     * @param  float  $nut  under the string over the first fret
     * @param  float  $action  under it over the twelfth
     * @param  float|null  $back  how far its saddle still goes back; null where nobody knows
     * @param  float|null  $forward  and forward
     */
    public function __construct(
        public string $name,
        public float $length,
        public float $nut,
        public float $action,
        public ?float $back = null,
        public ?float $forward = null,
    ) {
    }
}
