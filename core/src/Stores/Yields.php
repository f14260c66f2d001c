<?php

declare(strict_types=1);

namespace Regimen\Stores;

use Regimen\Stores\Cutting\Face;
use Regimen\Timber\Resawing;
use Regimen\Timber\RoughBoard;

/**
 * How often a board gives a blank (CALCULATIONS T5): rows along the grain, with kerf between them, planed 3 mm a face, its ends trimmed.
 * Turned across the grain it may give one more; that is weak and said so. Lengths in mm.
 */
final readonly class Yields
{
    /**
     * @param  int  $times  instruments served
     * @param  int  $across  that it would serve if its pieces were turned across the grain
     * @param  string  $cannot  why it serves none; empty where it does
     * @param  float  $used  share of the board's volume that is in the blanks, 0 to 1
     * @param  bool  $comesOutOf  whether timber and thickness are right, whatever its face
     */
    private function __construct(public int $times, public int $across, public string $cannot, public float $used, public bool $comesOutOf)
    {
    }

    public static function of(RoughBoard $board, string $species, Blank $blank): self
    {
        $slices = $blank->isSliced ? Resawing::of($board->thickness->mm, $blank->thickness)->slices : 1;
        $cannot = match (true) {
            $species !== $blank->timber->name => "it is {$species}, {$blank->timber->name} is needed",
            $blank->isSliced && $slices < $blank->pieces => sprintf('too thin for %s of %.1f mm', $blank->pieces === 1 ? 'a slice' : "{$blank->pieces} slices", $blank->thickness),
            ! $blank->isSliced && $board->thickness->mm < $blank->roughThickness() - 1e-9 => sprintf('%.0f mm thick, %.0f are needed rough', $board->thickness->mm, $blank->roughThickness()),
            default => '',
        };
        if ($cannot !== '') {
            return new self(0, 0, $cannot, 0.0, false);
        }
        $along = self::served(self::laid($board, $blank->length, $blank->width), $slices, $blank);
        $turned = self::served(self::laid($board, $blank->width, $blank->length), $slices, $blank);
        $volume = $along * $blank->pieces * $blank->length * $blank->width * $blank->thickness;

        return new self(
            $along, $turned, $along > 0 ? '' : sprintf('too small: %.0f × %.0f mm are needed', $blank->length, $blank->width),
            $volume / ($board->length->mm * $board->width->mm * $board->thickness->mm), true,
        );
    }

    /** How many lie on its face beside and behind each other. */
    private static function laid(RoughBoard $board, float $long, float $wide): int
    {
        $kerf = Resawing::KERF;
        $rows = (int) floor(($board->width->mm + $kerf) / ($wide + $kerf) + 1e-9);
        $behind = (int) floor(($board->length->mm - 2 * Face::END_TRIM + $kerf) / ($long + $kerf) + 1e-9);

        return max(0, $rows) * max(0, $behind);
    }

    /** Slices of one place are neighbours; pieces side by side may come from any place. */
    private static function served(int $places, int $slices, Blank $blank): int
    {
        return $blank->isSliced ? $places * intdiv($slices, $blank->pieces) : intdiv($places, $blank->pieces);
    }
}
