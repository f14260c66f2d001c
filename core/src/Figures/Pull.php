<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Instrument\Shape\StringSpread;
use Regimen\Instrument\Specification;
use Regimen\Units\Term;

/** How hard the strings pull (CALCULATIONS S2, S3), in newtons. */
final readonly class Pull
{
    public const POUND_FORCE = 4.4482216152605;

    /** @param  non-empty-list<float>  $each  treble first */
    private function __construct(public array $each, public bool $estimated)
    {
    }

    public static function from(Specification $s): self
    {
        $each = [];
        $spread = StringSpread::from($s);
        $estimated = false;
        foreach ($s->stringing->gauges as $index => $gauge) {
            $stated = $s->stringing->unitMasses[$index] ?? null;
            $mass = $stated === null ? $s->estimatedMass($gauge) : $stated / 1000;
            $estimated = $estimated || $stated === null && ($s->isNylon() || $gauge->isEstimated());
            $each[] = self::tension($mass, $spread->scaleOf($index) / 1000, $s->stringing->tuning[$index]->frequency());
        }

        return $each === [] ? throw new \LogicException('An instrument has strings.') : new self($each, $estimated);
    }

    /**
     * T = μ (2 L f)²
     *
     * @param  float  $mass  kg/m
     * @param  float  $length  m
     * @param  float  $frequency  Hz
     */
    public static function tension(float $mass, float $length, float $frequency): float
    {
        return $mass * (2 * $length * $frequency) ** 2;
    }

    public function total(): float
    {
        return array_sum($this->each);
    }

    /** The strongest over the weakest. */
    public function spread(): Term
    {
        return Term::of($this->strongest(), unit: ' N')->over(Term::of(max(1e-9, $this->weakest()), unit: ' N'));
    }

    public function strongest(): float
    {
        return max($this->each);
    }

    public function weakest(): float
    {
        return min($this->each);
    }
}
