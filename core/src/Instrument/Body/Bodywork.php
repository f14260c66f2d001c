<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Units\Length;

/** The body from its outline to its cavities. */
final readonly class Bodywork
{
    /**
     * @param  list<Layer>  $layers
     * @param  float|null  $bodyMoisture  %
     * @param  float  $chamberShare  %
     * @param  list<Cavity>  $cavities
     * @param  float  $otherMass  g
     */
    public function __construct(
        public BodyConstruction $body,
        public BodyOutline $outline,
        public Length $bodyWidth,
        public string $outlineSvg,
        public array $layers,
        public ?Length $bodyThickness,
        public int $bodyPieces,
        public TimberCut $bodyCut,
        public ?float $bodyMoisture,
        public float $chamberShare,
        public Length $chamberDepth,
        public bool $weightRelief,
        public array $cavities,
        public EdgeShape $edges,
        public Length $edgeRadius,
        public Contour $contours,
        public Length $bodyBinding,
        public Length $bodyBindingHeight,
        public ?Length $strapButton,
        public float $otherMass,
    ) {
    }
}
