<?php

declare(strict_types=1);

namespace Regimen\Jigs;

use Regimen\Geometry\MachinePasses;
use Regimen\Units\Words;

/** How far a bit has cut since it was sharpened, in decimetres. */
final readonly class BitWear
{
    /**
     * @param  int  $cut  in dm since it was sharpened, zero or more
     * @param  int  $most  in dm after which it is sharpened, as the house has found; above zero
     */
    public function __construct(public int $cut, public int $most)
    {
    }

    /**
     * Along a line so many mm long, so deep.
     *
     * @return int dm, rounded up
     */
    public static function along(float $line, float $depth): int
    {
        return (int) ceil($line * max(1, MachinePasses::count($depth)) / 100);
    }

    public function isDull(): bool
    {
        return $this->cut >= $this->most;
    }

    public function words(): string
    {
        $cut = Words::number($this->cut / 10).' of '.Words::number($this->most / 10, 0).' m';

        return match (true) {
            $this->isDull() => "{$cut}: sharpen or change it before it burns",
            $this->cut >= 0.8 * $this->most => "{$cut}: sharpen it soon",
            default => $cut,
        };
    }
}
