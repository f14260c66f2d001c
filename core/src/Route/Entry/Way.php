<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Station;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Route\Standards\Tool;
use Regimen\Units\Duration;

/** One way of doing an operation: with what, where, how long it takes, and what can go wrong. */
final readonly class Way
{
    private function __construct(
        public Tool $tool,
        public string $words,
        public Duration $setUp,
        public ThreePoint $labour,
        public ?Station $station,
        public ?Caution $caution,
        public string $risk,
        public Duration $alone,
    ) {
    }

    /**
     * @param  float  $setUp  hours
     * @param  float  $labour  hours as usual; their spread is the usual one around them
     * @param  float  $alone  hours in which the machine then runs by itself
     */
    public static function with(
        Tool $tool, string $words, float $setUp, float $labour, ?Station $station = null, ?Caution $caution = null,
        string $risk = '', float $alone = 0,
    ): self {
        $hours = ThreePoint::around(Duration::ofHours($labour));

        return new self(
            $tool, $words, Duration::ofHours($setUp), $hours, $station, $caution, $risk, Duration::ofHours($alone),
        );
    }

    /**
     * @param  float  $setUp  hours
     * @param  float  $labour  hours as usual
     */
    public static function byHand(
        float $setUp, float $labour, ?Station $station = null, ?Caution $caution = null, string $words = '',
        string $risk = '',
    ): self {
        return self::with(Tool::Hand, $words, $setUp, $labour, $station, $caution, $risk);
    }

    /**
     * On a machine that follows a file.
     *
     * @param  float  $alone  hours in which it runs by itself when it has been loaded and set going; a house guess
     */
    public static function byFile(
        float $setUp, float $labour, string $risk, string $words = 'on the machine', float $alone = 0,
    ): self {
        return self::with(
            Tool::Machine, $words, $setUp, $labour, Station::MachineRouter, Caution::Machines, $risk, $alone,
        );
    }

    /** Where the trade says more than the usual spread of hours. */
    public function between(float $best, float $worst): self
    {
        $hours = new ThreePoint(Duration::ofHours($best), $this->labour->likely, Duration::ofHours($worst));

        return new self(
            $this->tool, $this->words, $this->setUp, $hours, $this->station, $this->caution, $this->risk, $this->alone,
        );
    }
}
