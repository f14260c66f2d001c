<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Units\Duration;

/**
 * How the house applies a finish system: coats on body and neck, how many a day, the holds between and after, and the
 * recoat window: a coat that comes later than so long after the one before has to be sanded in first.
 */
final readonly class FinishStandard
{
    public function __construct(
        public FinishSystem $system,
        public int $bodyCoats,
        public int $neckCoats,
        public int $coatsADay,
        public Duration $afterFirst,
        public Duration $betweenCoats,
        public Duration $overnight,
        public Duration $cure,
        public ?Duration $window = null,
    ) {
    }

    /** The hold after a coat: to full cure after the last, overnight when the day's number is reached. */
    public function holdAfter(int $coat, int $of): Duration
    {
        return match (true) {
            $coat === $of => $this->cure,
            $coat === 1 && $this->afterFirst->minutes > $this->betweenCoats->minutes => $this->afterFirst,
            $coat % $this->coatsADay === 0 => $this->overnight,
            default => $this->betweenCoats,
        };
    }
}
