<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Instrument\Electrics\SwitchPosition;

/** One line of the tap test: what must sound at a position, what must not, and what a meter reads. */
final readonly class TapPosition
{
    /**
     * @param  int  $number  counted from 1
     * @param  list<string>  $silent  pickups that must not sound
     * @param  float|null  $kilohms  of the pickups alone; null where one is unknown
     * @param  float|null  $atJack  kΩ, with the volume pot turned up in parallel to them; as the pickups where there is
     *   none
     */
    public function __construct(
        public int $number,
        public SwitchPosition $sounds,
        public array $silent,
        public ?float $kilohms,
        public ?float $atJack,
    ) {
    }
}
