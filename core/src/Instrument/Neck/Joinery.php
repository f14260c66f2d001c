<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
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

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice(
                'joint', 'Neck joint', NeckJoint::class,
                ['guitar' => 'bolt-on', 'bass' => 'bolt-on', 'flat-top' => 'bolted_mortise'],
            ),
            Field::choice('fastener', 'Neck held by', Fastener::class, 'screws'),
            Field::number(FieldKind::Whole, 'fasteners', 'Screws or bolts, how many', 1, 8, '4'),
            Field::length('screwLength', 'Screw or bolt, length', 10, 90, '45'),
            Field::length('plateThickness', 'Plate or washer', 0, 6, '1.5'),
            Field::number(
                FieldKind::Whole, 'joinFret', 'Body begins at fret', 8, 36,
                ['guitar' => '16', 'bass' => '16', 'flat-top' => '14'],
            ),
            Field::length(
                'heelThickness', 'Heel, board included', 12, 90, ['guitar' => '24', 'bass' => '26', 'flat-top' => '24'],
            ),
            Field::length('heelWidth', 'Heel width', 25, 180, '', 'left empty: the board’s at its end'),
            Field::length('pocketDepth', 'Pocket depth', 0, 80, ['guitar' => '16', 'bass' => '18', 'flat-top' => '18']),
            Field::length(
                'pocketLength', 'Pocket length', 10, 250, ['guitar' => '', 'bass' => '', 'flat-top' => '60'],
                'left empty: to just before the board’s end',
            ),
            Field::length('pocketWidth', 'Pocket width', 25, 180, '', 'left empty: the heel’s'),
            Field::number(FieldKind::Angle, 'neckAngle', 'Neck angle', -3, 8, '0°', 'strings rise towards the bridge'),
        ];
    }
}
