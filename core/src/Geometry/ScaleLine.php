<?php

declare(strict_types=1);

namespace Regimen\Geometry;

use Regimen\Instrument\Specification;

/** The saddle line and the room the saddles have (CALCULATIONS G14), in mm from the nut. */
final readonly class ScaleLine
{
    /** Compensation of the first and of the last string: middle of the guideline, common practice. */
    private const COMPENSATION_MM = [1.5, 3.25];

    private function __construct(private Specification $specification)
    {
    }

    public static function of(Specification $specification): self
    {
        return new self($specification);
    }

    /** By how much a string's saddle stands behind the scale line. */
    public function compensation(int $string): float
    {
        [$first, $last] = self::COMPENSATION_MM;

        return $first + ($last - $first) * $string / max(1, $this->specification->brief->strings - 1);
    }

    public function saddleAt(int $string): float
    {
        return $this->specification->board->scale->mm + $this->compensation($string);
    }

    /** Where the saddles can stand. */
    public function travel(): Interval
    {
        $front = $this->specification->board->scale->mm + $this->specification->bridgework->saddleFront->mm;

        return new Interval($front, $front + $this->specification->bridgework->saddleTravel->mm);
    }
}
