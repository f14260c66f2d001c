<?php

declare(strict_types=1);

namespace Regimen\Instrument\Brief;

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
}
