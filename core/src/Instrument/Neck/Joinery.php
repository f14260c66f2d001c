<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Units\Length;

/** How the neck meets the body. */
final readonly class Joinery
{
    /**
     * @param  float  $neckAngle  degrees
     */
    public function __construct(
        public NeckJoint $joint,
        public Fastener $fastener,
        public int $fasteners,
        public Length $screwLength,
        public Length $plateThickness,
        public int $joinFret,
        public Length $heelThickness,
        public Length $heelWidth,
        public Length $pocketDepth,
        public Length $pocketLength,
        public Length $pocketWidth,
        public float $neckAngle,
    ) {
    }
}
