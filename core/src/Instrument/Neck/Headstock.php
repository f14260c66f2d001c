<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Units\Length;

/** The headstock and its tuners. */
final readonly class Headstock
{
    /**
     * @param  float  $headAngle  degrees
     * @param  list<array{float, float}>  $posts  mm from the nut and off the centre, string by string
     * @param  float  $tunerMass  g
     */
    public function __construct(
        public HeadstockKind $headstock,
        public float $headAngle,
        public HeadstockConstruction $headConstruction,
        public Length $headStep,
        public Length $headLength,
        public Length $headThickness,
        public Length $veneer,
        public TunerLayout $tunerLayout,
        public Length $firstPost,
        public Length $tunerSpacing,
        public array $posts,
        public Length $tunerWidth,
        public Length $tunerHole,
        public Length $tunerLeast,
        public Length $tunerMost,
        public Length $postHeight,
        public int $guided,
        public Length $guideAt,
        public Length $guideDrop,
        public float $tunerMass,
    ) {
    }
}
