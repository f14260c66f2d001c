<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** The box of a flat-top; its top is the body's first layer. Usual figures are common practice. */
final readonly class Boxwork
{
    /** @param  list<Brace>  $braces */
    public function __construct(
        public Length $boxDepthTail,
        public Length $boxDepthNeck,
        public Species $backTimber,
        public Length $backThickness,
        public Species $sideTimber,
        public Length $sideThickness,
        public BracingPattern $bracing,
        public array $braces,
        public Species $braceTimber,
        public Length $braceHeight,
        public Length $braceWidth,
        public int $backBraces,
        public Linings $linings,
        public Length $purfling,
        public Length $rosette,
        public Length $soundHole,
        public Length $soundHoleBefore,
        public Species $bridgePlateTimber,
        public Length $bridgePlate,
        public Length $bridgeWide,
        public Length $bridgeDeep,
        public Length $saddleHeight,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('boxDepthTail', 'Depth at the tail', 1, 200, '', 'plates included; left empty: by the layers, else 115'),
            Field::length('boxDepthNeck', 'Depth at the neck', 1, 200, '', 'plates included; left empty: 20 less'),
            Field::timber('backTimber', 'Back', ''),
            Field::length('backThickness', 'Back, thickness', 0.5, 12, '2.6'),
            Field::timber('sideTimber', 'Sides', ''),
            Field::length('sideThickness', 'Sides, thickness', 0.5, 12, '2.2'),
            Field::choice('bracing', 'Bracing of the top', BracingPattern::class, '', 'left open: by the strings'),
            Field::rows('braces', 'Braces, if drawn', Brace::class, [
                Field::number(FieldKind::Signed, 'fromBehind', 'From, behind the saddle line', -450, 450),
                Field::number(FieldKind::Signed, 'fromAcross', 'off the centre, treble −', -300, 300),
                Field::number(FieldKind::Signed, 'toBehind', 'To, behind the saddle line', -450, 450),
                Field::number(FieldKind::Signed, 'toAcross', 'off the centre', -300, 300),
                Field::length('height', 'Height', 1, 40, '12'),
            ], 0, 24, 'left empty: by the pattern'),
            Field::timber('braceTimber', 'Braces of', 'Sitka spruce'),
            Field::length('braceHeight', 'Main braces, height', 3, 40, ['guitar' => '15', 'bass' => '16', 'flat-top' => '15']),
            Field::length('braceWidth', 'Main braces, width', 3, 20, '8'),
            Field::number(FieldKind::Whole, 'backBraces', 'Braces of the back', 2, 8, '4'),
            Field::choice('linings', 'Linings', Linings::class, 'kerfed'),
            Field::length('purfling', 'Purfling along the top', 0, 8, '0', '0: none'),
            Field::length('rosette', 'Rosette, width', 0, 45, '12', '0: none'),
            Field::length('soundHole', 'Sound hole', 40, 150, '100', 'across'),
            Field::length('soundHoleBefore', 'Its middle before the saddle line', 40, 350, '', 'left empty: just beyond the board'),
            Field::timber('bridgePlateTimber', 'Bridge plate of', 'sugar maple'),
            Field::length('bridgePlate', 'Bridge plate, thickness', 1, 8, '2.5'),
            Field::length('bridgeWide', 'Bridge, across', 80, 240, '155'),
            Field::length('bridgeDeep', 'Bridge, along the strings', 18, 60, '28'),
            Field::length('saddleHeight', 'Saddle over the top, wanted', 5, 25, '12'),
        ];
    }
}
