<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Timber\Species;
use Regimen\Units\Length;

/** Scale, frets and the board they sit in. */
final readonly class Fretboard
{
    /**
     * @param  list<int>  $markerFrets
     * @param  float|null  $boardMoisture  %
     */
    public function __construct(
        public Length $scale,
        public ?Length $scaleTreble,
        public int $frets,
        public bool $zeroFret,
        public Length $nutWidth,
        public Length $lastWidth,
        public Length $overhang,
        public Length $boardLength,
        public Length $boardThickness,
        public Species $boardTimber,
        public Length $radius,
        public Length $radiusEnd,
        public Length $crownWidth,
        public Length $crownHeight,
        public Length $tangDepth,
        public Length $slotWidth,
        public Length $slotDepth,
        public MarkerShape $markers,
        public array $markerFrets,
        public Length $markerDiameter,
        public Length $markerThickness,
        public Length $markerDepth,
        public Length $markerOffset,
        public Length $sideMarkers,
        public Length $boardBinding,
        public ?float $boardMoisture,
    ) {
    }
}
