<?php

declare(strict_types=1);

namespace Regimen\Inspection\SetUp;

/** What to turn, file or move. */
final readonly class Adjustment
{
    /**
     * @param  int|null  $string  from 0, the treble; null for what belongs to the whole neck
     * @param  float  $amount  in mm: the gap that is to go, the slot that is filed, the saddle that is raised or moved
     *   back; below zero the other way
     * @param  bool  $isPossible  false where it cannot be had by this alone; the words say what is left
     */
    public function __construct(
        public SetUpStep $step,
        public ?int $string,
        public float $amount,
        public string $words,
        public bool $isPossible = true,
    ) {
    }
}
