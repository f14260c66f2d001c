<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\YesNo;
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
        public int $rods,
        public Length $rodSpacing,
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

    /** @return list<Field> */
    public static function fields(): array
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
            Field::number(FieldKind::Whole, 'rods', 'Truss rods', 1, 2, '1', 'two for wide necks'),
            Field::length('rodSpacing', 'Rods apart', 6, 60, '20', 'middle to middle'),
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
}
