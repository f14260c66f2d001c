<?php

declare(strict_types=1);

namespace Regimen\Instrument\Brief;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Units\Length;

/** What the client wants, and the air it is built and lives in. */
final readonly class Brief
{
    /**
     * @param  float|null  $targetWeight  g
     * @param  float  $airTemperature  °C
     * @param  float  $airHumidity  %
     * @param  float  $humidityLow  %
     * @param  float  $humidityHigh  %
     */
    public function __construct(
        public InstrumentType $type,
        public int $strings,
        public Hand $hand,
        public string $name,
        public Purpose $purpose,
        public string $wishes,
        public string $style,
        public ?float $targetWeight,
        public ?string $budget,
        public Length $actionTreble,
        public Length $actionBass,
        public Length $nutAction,
        public Length $relief,
        public float $airTemperature,
        public float $airHumidity,
        public float $humidityLow,
        public float $humidityHigh,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
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
}
