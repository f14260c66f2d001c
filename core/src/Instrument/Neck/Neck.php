<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** The neck under its board. */
final readonly class Neck
{
    /**
     * @param  list<array{float, float}>  $depthCurve  fret and mm
     * @param  float|null  $neckMoisture  %
     */
    public function __construct(
        public Species $neckTimber,
        public TimberCut $neckCut,
        public int $laminations,
        public bool $stiffeningRods,
        public Length $rodLength,
        public Length $rodDepth,
        public Length $rodWidth,
        public RodAccess $rodAccess,
        public Length $thicknessFirst,
        public Length $thicknessTwelfth,
        public array $depthCurve,
        public NeckProfile $profile,
        public Length $asymmetry,
        public bool $volute,
        public ?float $neckMoisture,
    ) {
    }
}
