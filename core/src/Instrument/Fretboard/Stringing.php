<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Strings\Gauge;
use Regimen\Strings\Note;
use Regimen\Units\Length;

/** The strings and how they are spread, from the treble. */
final readonly class Stringing
{
    /**
     * @param  list<Gauge>  $gauges
     * @param  list<Note>  $tuning
     * @param  list<float|null>  $unitMasses  g/m
     */
    public function __construct(
        public array $gauges,
        public array $tuning,
        public array $unitMasses,
        public StringSpacing $spacing,
        public Length $nutMargin,
        public Length $bridgeSpread,
    ) {
    }
}
