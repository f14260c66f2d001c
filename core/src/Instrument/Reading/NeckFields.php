<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Brief\Purpose;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\YesNo;
use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Fretboard\StringSpacing;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Instrument\Neck\HeadstockConstruction;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Instrument\Neck\NeckProfile;
use Regimen\Instrument\Neck\RodAccess;
use Regimen\Instrument\Neck\TunerLayout;

/**
 * What it is, its board, strings, neck and headstock. Defaults and bounds are common practice without a single source.
 */
final class NeckFields
{
    /** @return list<Field> */
    public static function brief(): array
    {
        return [
            Field::choice('type', 'Instrument', InstrumentType::class, 'guitar'),
            Field::number(
                FieldKind::Whole, 'strings', 'Strings', 4, 12, ['guitar' => '6', 'bass' => '4', 'flat-top' => '6'],
            ),
            Field::choice('hand', 'Hand', Hand::class, 'right'),
            Field::text(FieldKind::Text, 'name', 'Name of the instrument'),
            Field::choice('purpose', 'Built for', Purpose::class, 'commission'),
            Field::text(FieldKind::Prose, 'wishes', 'Wishes, in the client’s words', '', 'a line for each wish'),
            Field::text(FieldKind::Text, 'style', 'Playing style'),
            Field::number(FieldKind::Mass, 'targetWeight', 'Target weight', 500, 12_000),
            Field::text(FieldKind::Amount, 'budget', 'Budget for parts', '', 'in the shop’s currency'),
            Field::length(
                'actionTreble', 'Action at 12th, treble', 0.5, 5,
                ['guitar' => '1.6', 'bass' => '2.0', 'flat-top' => '2.0'],
            ),
            Field::length(
                'actionBass', 'Action at 12th, bass', 0.5, 6, ['guitar' => '2.0', 'bass' => '2.5', 'flat-top' => '2.5'],
            ),
            Field::length(
                'nutAction', 'String height at the nut', 0, 2, '0.22', 'over the fret plane, at the nut itself',
            ),
            Field::length('relief', 'Relief', 0, 1, '0.2'),
            Field::number(FieldKind::Temperature, 'airTemperature', 'Air of the shop', -5, 45, '20 °C'),
            Field::number(FieldKind::Percent, 'airHumidity', 'Humidity of the shop', 5, 95, '50 %'),
            Field::number(FieldKind::Percent, 'humidityLow', 'Driest season to expect', 5, 95, '35 %'),
            Field::number(FieldKind::Percent, 'humidityHigh', 'Dampest season to expect', 5, 95, '65 %'),
        ];
    }

    /** @return list<Field> */
    public static function board(): array
    {
        return [
            Field::length(
                'scale', 'Scale', 400, 1000, ['guitar' => '25 1/2"', 'bass' => '34"', 'flat-top' => '25 1/2"'],
            ),
            Field::length('scaleTreble', 'Scale on the treble side', 400, 1000, '', 'only if the sides differ'),
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

    /** @return list<Field> */
    public static function strings(): array
    {
        return [
            Field::text(FieldKind::Gauges, 'gauges', 'Gauges, treble first', '', '10 13 17 26w 36w 46w'),
            Field::text(FieldKind::Tuning, 'tuning', 'Tuning, treble first', '', 'E4 B3 G3 D3 A2 E2'),
            Field::text(FieldKind::Masses, 'unitMasses', 'Maker’s g/m, if known', '', '- where unknown'),
            Field::choice('spacing', 'String spread', StringSpacing::class, 'equal_gaps'),
            Field::length(
                'nutMargin', 'Outer strings to the edge at the nut', 0.5, 15,
                ['guitar' => '3.0', 'bass' => '3.5', 'flat-top' => '3.0'],
            ),
            Field::length('bridgeSpread', 'Outer strings at the bridge', 20, 150, '', 'centre to centre'),
        ];
    }

    /** @return list<Field> */
    public static function neck(): array
    {
        return [
            Field::timber(
                'neckTimber',
                'Neck timber',
                ['guitar' => 'sugar maple', 'bass' => 'sugar maple', 'flat-top' => 'true mahogany'],
            ),
            Field::choice('neckCut', 'Neck cut', TimberCut::class, 'quarter-sawn'),
            Field::number(FieldKind::Whole, 'laminations', 'Laminations', 1, 9, '1'),
            Field::choice('stiffeningRods', 'Stiffening rods', YesNo::class, '', 'left open: by the strings'),
            Field::length('rodLength', 'Truss rod, length', 0, 800, '', '0: none; left empty: by the board'),
            Field::length('rodDepth', 'Rod channel, depth', 0, 20, '9'),
            Field::length('rodWidth', 'Rod channel, width', 0, 15, '6'),
            Field::choice('rodAccess', 'Rod adjusted at the', RodAccess::class, 'headstock'),
            Field::length(
                'thicknessFirst', 'Thickness at first fret', 12, 40,
                ['guitar' => '21.5', 'bass' => '22', 'flat-top' => '21.5'], 'board included',
            ),
            Field::length(
                'thicknessTwelfth', 'Thickness at twelfth', 12, 45,
                ['guitar' => '22.5', 'bass' => '23.5', 'flat-top' => '23'],
            ),
            Field::text(FieldKind::Points, 'depthCurve', 'Other depths', '', 'fret/thickness, as 5/21.8'),
            Field::choice('profile', 'Profile', NeckProfile::class, 'C'),
            Field::number(FieldKind::Signed, 'asymmetry', 'Slimmer on the treble side by', -5, 5, '0'),
            Field::choice('volute', 'Volute', YesNo::class, 'no'),
            Field::number(FieldKind::Percent, 'neckMoisture', 'Neck moisture, as read', 1, 40),
        ];
    }

    /** @return list<Field> */
    public static function head(): array
    {
        return [
            Field::choice(
                'headstock', 'Headstock', HeadstockKind::class,
                ['guitar' => 'angled', 'bass' => 'flat', 'flat-top' => 'angled'],
            ),
            Field::number(FieldKind::Angle, 'headAngle', 'Headstock angle', 0, 25, '10°'),
            Field::choice('headConstruction', 'Headstock made by', HeadstockConstruction::class, 'scarf'),
            Field::length(
                'headStep', 'Step of a flat headstock', 0, 30, ['guitar' => '11', 'bass' => '15', 'flat-top' => '11'],
                'board surface down to the face',
            ),
            Field::length('headLength', 'Headstock length', 60, 400, '', 'left empty: by the tuners'),
            Field::length('headThickness', 'Headstock thickness', 8, 30, '15'),
            Field::length('veneer', 'Headstock veneer, in it', 0, 6, '0'),
            Field::choice('tunerLayout', 'Tuners', TunerLayout::class, '', 'left open: by the strings'),
            Field::length(
                'firstPost', 'Nut to the first post', 15, 150, ['guitar' => '42', 'bass' => '55', 'flat-top' => '42'],
            ),
            Field::length(
                'tunerSpacing', 'Post to post', 10, 80, ['guitar' => '25.5', 'bass' => '40', 'flat-top' => '38'],
            ),
            Field::text(
                FieldKind::Points, 'posts', 'Posts, if drawn', '',
                'for each string 42/-9: from the nut, off the centre',
            ),
            Field::length(
                'tunerWidth', 'Tuner body, along the row', 5, 60,
                ['guitar' => '20', 'bass' => '34', 'flat-top' => '20'],
            ),
            Field::length('tunerHole', 'Tuner hole', 4, 25, ['guitar' => '10', 'bass' => '17.5', 'flat-top' => '10']),
            Field::length('tunerLeast', 'Headstock the tuners need, least', 5, 30, '12'),
            Field::length('tunerMost', 'Headstock the tuners need, most', 5, 35, '17'),
            Field::length(
                'postHeight', 'String above the face at the post', 2, 30,
                ['guitar' => '8', 'bass' => '7', 'flat-top' => '8'],
            ),
            Field::number(
                FieldKind::Whole, 'guided', 'Strings under a guide', 0, 12, '',
                'counted from the treble; left empty: where they break too little',
            ),
            Field::length('guideAt', 'Guide, from the nut', 8, 150, '', 'left empty: before the first post'),
            Field::length('guideDrop', 'Guide below the nut slot', 0.5, 20, '5'),
            Field::number(
                FieldKind::Mass, 'tunerMass', 'Mass of a tuner', 5, 250,
                ['guitar' => '38 g', 'bass' => '85 g', 'flat-top' => '25 g'],
            ),
        ];
    }
}
