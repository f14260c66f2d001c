<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

use Regimen\Stores\Blank;
use Regimen\Units\Money;

/**
 * What a board has become once it is cut: pieces by need, and offcuts, with its cost shared among them by the volume of rough timber that each takes
 * (CALCULATIONS I7). What falls to dust is paid by both; the sum is the board's cost to the minor unit.
 */
final readonly class Sawn
{
    /**
     * @param  array<int, array{int, Money}>  $pieces  how many there are and what they cost together, by the number of their need
     * @param  list<array{Area, float, Money}>  $offcuts  with their thickness in mm, the dearest first
     */
    private function __construct(public array $pieces, public array $offcuts)
    {
    }

    /**
     * @param  array<int, Blank>  $blanks  by the numbers of their needs
     * @param  float  $thickness  of the board, rough, in mm
     *
     * @throws \InvalidArgumentException for pieces that cannot be cut so
     */
    public static function of(Marked $marked, array $blanks, float $thickness, Money $cost): self
    {
        if (! $marked->isSound() || $marked->laid === []) {
            throw new \InvalidArgumentException('Nothing is cut that is not sound.');
        }
        $parts = [];
        $offcuts = array_map(static fn (Area $one): array => [$one, $thickness], $marked->offcuts);
        foreach ($marked->laid as $one) {
            $rest = self::isWorthKeeping($one->area) ? $blanks[$one->wanted]->leavesOf($thickness) : 0.0;
            $parts[] = [$one->area, $thickness - $rest];
            if ($rest > 0) {
                $offcuts[] = [$one->area, $rest];
            }
        }
        $costs = $cost->split(array_map(static fn (array $one): float => $one[0]->square() * $one[1], [...$parts, ...$offcuts]));
        $pieces = [];
        foreach ($marked->laid as $at => $one) {
            [$many, $sum] = $pieces[$one->wanted] ?? [0, Money::zero($cost->currency)];
            // Slices of one place are as many as are needed.
            $pieces[$one->wanted] = [$many + ($blanks[$one->wanted]->isSliced ? $blanks[$one->wanted]->pieces : 1), $sum->plus($costs[$at])];
        }

        return new self($pieces, array_map(static fn (array $one, Money $share): array => [...$one, $share], $offcuts, array_slice($costs, count($parts))));
    }

    private static function isWorthKeeping(Area $area): bool
    {
        return min($area->length, $area->width) >= CuttingPlan::LEAST_WIDTH && max($area->length, $area->width) >= CuttingPlan::LEAST_LENGTH;
    }
}
