<?php

declare(strict_types=1);

namespace Regimen\Timber;

/** Slices from a board on edge (CALCULATIONS I2): floor((B − 2·planing + kerf)/(t + sanding + kerf)); a pair is two neighbours. Lengths in mm. */
final readonly class Resawing
{
    /** What the saw takes (common practice: 2 to 3). */
    public const KERF = 2.5;

    /** Left on each slice for sanding (common practice). */
    public const SANDING = 1.0;

    private function __construct(public int $slices)
    {
    }

    /** @param  float  $thickness  of the board as it is, rough */
    public static function of(float $thickness, float $slice, float $kerf = self::KERF, float $sanding = self::SANDING): self
    {
        $room = $thickness - 2 * BoardFeet::PLANING_MM + $kerf;

        return new self($slice <= 0 ? 0 : max(0, (int) floor($room / ($slice + $sanding + $kerf) + 1e-9)));
    }

    /** Pairs that open like a book: each of two neighbouring slices. */
    public function pairs(): int
    {
        return intdiv($this->slices, 2);
    }
}
