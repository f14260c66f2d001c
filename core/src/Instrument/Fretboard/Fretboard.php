<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\YesNo;
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
        public int $squareFret,
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
        public MarkerMaterial $markerMaterial,
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

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length(
                'scale', 'Scale', 400, 1000, ['guitar' => '25 1/2"', 'bass' => '34"', 'flat-top' => '25 1/2"'],
            ),
            Field::length('scaleTreble', 'Scale on the treble side', 400, 1000, '', 'shorter, only if the sides differ'),
            Field::number(FieldKind::Whole, 'squareFret', 'Fret that stands square', 0, 36, '7', '0: the nut'),
            Field::number(
                FieldKind::Whole, 'frets', 'Frets', 12, 36, ['guitar' => '22', 'bass' => '21', 'flat-top' => '20'],
            ),
            Field::choice('zeroFret', 'Zero fret', YesNo::class, 'no'),
            Field::length('nutWidth', 'Nut width', 20, 130, '', 'left empty: by the strings'),
            Field::length('lastWidth', 'Width at the last fret', 25, 180, '', 'left empty: by the strings'),
            Field::length('overhang', 'Board beyond the last fret', 1, 40, '8'),
            Field::length('boardLength', 'Board length', 200, 800, '', 'left empty: last fret and overhang'),
            Field::length('boardThickness', 'Board thickness', 1, 15, '6'),
            Field::timber('boardTimber', 'Board timber', 'Indian rosewood'),
            Field::length('radius', 'Radius', 80, 2000, '', 'left empty: by the strings'),
            Field::length('radiusEnd', 'Radius at the board’s end', 80, 2000, '', 'only if compound'),
            Field::length(
                'crownWidth', 'Fret crown, width', 0.8, 4, ['guitar' => '2.4', 'bass' => '2.7', 'flat-top' => '2.0'],
            ),
            Field::length(
                'crownHeight', 'Fret crown, height', 0.5, 2.5,
                ['guitar' => '1.2', 'bass' => '1.3', 'flat-top' => '1.0'],
            ),
            Field::length('tangDepth', 'Fret tang', 0.5, 4, '1.8'),
            Field::length('slotWidth', 'Slot width', 0.2, 1.5, '0.58'),
            Field::length(
                'slotDepth', 'Slot depth at the middle', 0.5, 8, '',
                'left empty: tang, 0.5 and what the radius takes at the edge',
            ),
            Field::choice('markers', 'Face markers', MarkerShape::class, 'dot'),
            Field::choice('markerMaterial', 'Marker material', MarkerMaterial::class, 'plastic'),
            Field::text(FieldKind::Numbers, 'markerFrets', 'Markers at frets', '3 5 7 9 12 15 17 19 21 24'),
            Field::length('markerDiameter', 'Marker size', 1, 20, '6'),
            Field::length('markerThickness', 'Marker thickness', 0.2, 6, '1.5'),
            Field::length(
                'markerDepth', 'Marker hole, from the flat', 0.2, 10, '', 'left empty: flush at its highest edge',
            ),
            Field::length('markerOffset', 'Pair off the centre', 0, 60, '', 'left empty: a quarter of the width'),
            Field::length('sideMarkers', 'Side markers', 0, 5, '2', '0: none'),
            Field::length('boardBinding', 'Board binding', 0, 5, '0', '0: none'),
            Field::number(FieldKind::Percent, 'boardMoisture', 'Board moisture, as read', 1, 40),
        ];
    }
}
