<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Strings\Gauge;
use Regimen\Strings\Note;
use Regimen\Units\Length;

/** The strings and how they are spread, from the treble. */
final readonly class Stringing
{
    /**
     * @param  list<Gauge>  $gauges
     * @param  list<Note>  $tuning
     * @param  list<float|null>  $unitMasses  g/m
     */
    public function __construct(
        public StringMaterial $stringMaterial,
        public array $gauges,
        public array $tuning,
        public array $unitMasses,
        public StringSpacing $spacing,
        public Length $nutMargin,
        public Length $bridgeSpread,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice('stringMaterial', 'Strings of', StringMaterial::class, 'steel'),
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
}
