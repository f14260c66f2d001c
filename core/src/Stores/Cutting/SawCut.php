<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** One straight cut from edge to edge of what is left of a board; the saw takes its kerf behind `at`. Lengths in mm. */
final readonly class SawCut
{
    /**
     * @param  bool  $isAcross  the grain; else it rips along it
     * @param  float  $at  along the board for a cut across, across it for one along
     * @param  float  $from  where it begins, the other way
     */
    public function __construct(public int $face, public bool $isAcross, public float $at, public float $from, public float $to)
    {
    }
}
