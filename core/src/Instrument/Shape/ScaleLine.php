<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Interval;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Specification;

/** The saddle line and the room the saddles have (CALCULATIONS G14), in mm from the nut. */
final readonly class ScaleLine
{
    /** Compensation from the thinnest to the thickest of its kind: the guideline, common practice. */
    private const PLAIN_MM = [1.0, 2.0];

    private const WOUND_MM = [2.5, 4.0];

    /**
     * Thinnest and thickest plain string, and wound ones of guitars and basses, in mm; between them it grows in a
     * straight line (house convention).
     */
    private const PLAIN_GAUGES = [0.2, 0.6];

    private const WOUND_GAUGES = [0.5, 1.6];

    private const BASS_GAUGES = [0.8, 3.4];

    private function __construct(private Specification $specification)
    {
    }

    public static function from(Specification $specification): self
    {
        return new self($specification);
    }

    /**
     * By how much a string's saddle stands behind the scale line, by its kind and gauge: plain 1 to 2, wound 2.5 to 4
     * mm.
     */
    public function compensation(int $string): float
    {
        $gauge = $this->specification->stringing->gauges[$string];
        [$least, $most] = $gauge->wound ? self::WOUND_MM : self::PLAIN_MM;
        [$thinnest, $thickest] = match (true) {
            ! $gauge->wound => self::PLAIN_GAUGES,
            $this->specification->brief->type === InstrumentType::Bass => self::BASS_GAUGES,
            default => self::WOUND_GAUGES,
        };

        return $least + ($most - $least) * max(
            0.0, min(1.0, ($gauge->diameter->mm - $thinnest) / ($thickest - $thinnest)),
        );
    }

    /** From the saddle that stands foremost to the one farthest back, each behind the end of its own scale, told at the middle scale’s. */
    public function saddles(): Interval
    {
        $from = $to = $this->compensation(0);
        foreach (array_keys($this->specification->stringing->gauges) as $string) {
            [$from, $to] = [min($from, $this->compensation($string)), max($to, $this->compensation($string))];
        }
        $scale = $this->specification->middleScale()->mm;

        return new Interval($scale + $from, $scale + $to);
    }

    public function saddleAt(int $string): float
    {
        return StringSpread::from($this->specification)->saddleAlong[$string] + $this->compensation($string);
    }

    /** Where the saddles can stand; where each string has a scale of its own, behind the end of its own, told at the middle scale’s. */
    public function travel(): Interval
    {
        $front = $this->specification->middleScale()->mm + $this->specification->bridgework->saddleFront->mm;

        return new Interval($front, $front + $this->specification->bridgework->saddleTravel->mm);
    }
}
