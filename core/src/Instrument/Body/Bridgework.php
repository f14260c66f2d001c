<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Units\Length;

/** The bridge, its travel and where the strings end. */
final readonly class Bridgework
{
    /**
     * @param  float  $bridgeMass  g
     */
    public function __construct(
        public BridgeKind $bridge,
        public Length $bridgeLeast,
        public Length $bridgeMost,
        public Length $bridgeRecess,
        public Length $saddleFront,
        public Length $saddleTravel,
        public StringPath $stringPath,
        public Length $tailDistance,
        public Length $mountingSpan,
        public Length $mountingOffset,
        public Length $singleLength,
        public Length $singleWidth,
        public float $bridgeMass,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice(
                'bridge', 'Bridge', BridgeKind::class, ['guitar' => 'fixed', 'bass' => 'fixed', 'flat-top' => 'pinned'],
            ),
            Field::length(
                'bridgeLeast', 'Saddles, lowest', 0, 60, ['guitar' => '10', 'bass' => '11', 'flat-top' => '9'],
                'over the bridge’s foot',
            ),
            Field::length(
                'bridgeMost', 'Saddles, highest', 1, 70, ['guitar' => '16', 'bass' => '19', 'flat-top' => '14'],
            ),
            Field::number(FieldKind::Signed, 'bridgeRecess', 'Bridge let in by', -15, 30, '0', 'minus: packed up'),
            Field::number(
                FieldKind::Signed, 'saddleFront', 'Foremost saddle, from the scale line', -30, 20,
                ['guitar' => '-2', 'bass' => '-3', 'flat-top' => '1'],
            ),
            Field::length(
                'saddleTravel', 'Saddle travel', 0.5, 60, ['guitar' => '10', 'bass' => '14', 'flat-top' => '3'],
            ),
            Field::choice('stringPath', 'Strings end', StringPath::class, 'at_the_bridge'),
            Field::length('tailDistance', 'Tailpiece, behind the scale line', 5, 300, '45'),
            Field::length(
                'mountingSpan', 'Posts or outer screws, apart', 10, 150,
                ['guitar' => '74', 'bass' => '80', 'flat-top' => '100'],
            ),
            Field::number(FieldKind::Signed, 'mountingOffset', 'Posts or screws, behind the scale line', -30, 60, '8'),
            Field::length('singleLength', 'A single bridge, length', 20, 150, ['guitar' => '58', 'bass' => '72', 'flat-top' => '58']),
            Field::length('singleWidth', 'A single bridge, width', 4, 40, '', 'left empty: by the strings'),
            Field::number(
                FieldKind::Mass, 'bridgeMass', 'Mass of the bridge, or of all', 5, 2000,
                ['guitar' => '260 g', 'bass' => '420 g', 'flat-top' => '45 g'],
            ),
        ];
    }
}
