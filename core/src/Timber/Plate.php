<?php

declare(strict_types=1);

namespace Regimen\Timber;

use Regimen\Units\Length;

/**
 * The bending stiffness of a plate, E h³ / 12 for each metre of width (CALCULATIONS F4). It compares thicknesses and timbers; it is no sound.
 *
 * Moduli at 12 % (in GPa, from bending, a tenth added for shear as the handbook says) and their ratios across the grain are from memory of the *Wood
 * Handbook*, FPL-GTR-282, tables 5-1, 5-3 and 5-5; a timber that is not in them is said to be unknown.
 */
final readonly class Plate
{
    /** name => [modulus along in GPa, radial over along, tangential over along; null where the handbook has none] */
    private const KNOWN = [
        'Sitka spruce' => [10.8, 0.078, 0.043],
        'Engelmann spruce' => [8.9, 0.128, 0.059],
        'western redcedar' => [7.7, 0.081, 0.055],
        'sugar maple' => [12.6, 0.132, 0.065],
        'red maple' => [11.3, 0.140, 0.067],
        'black walnut' => [11.6, 0.106, 0.056],
        'black cherry' => [10.3, 0.197, 0.086],
        'white ash' => [12.0, 0.125, 0.080],
        'yellow birch' => [13.9, 0.078, 0.050],
        'yellow-poplar' => [10.9, 0.092, 0.043],
        'white oak' => [12.3, 0.163, 0.072],
        'northern red oak' => [12.5, 0.154, 0.082],
        'American basswood' => [10.1, 0.066, 0.027],
        'true mahogany' => [10.3, 0.107, 0.064],
        'bigleaf maple' => [10.0, null, null],
        'red alder' => [9.5, null, null],
        'Port-Orford-cedar' => [11.7, null, null],
    ];

    private const SHEAR = 1.1;

    /** @param  Length  $thickness  above zero */
    public function __construct(private Species $species, private Length $thickness)
    {
    }

    /** Along the grain, in N·m; null where the timber is not in the tables. */
    public function along(): ?float
    {
        $known = self::KNOWN[$this->species->name] ?? null;

        return $known === null ? null : $this->stiffness($known[0]);
    }

    /** Across the grain of a quartersawn plate, in N·m; null where the timber is not in the tables. */
    public function across(): ?float
    {
        $known = self::KNOWN[$this->species->name] ?? null;

        return $known === null || $known[1] === null ? null : $this->stiffness($known[0] * $known[1]);
    }

    /** The thickness at which this timber is as stiff along the grain as another plate; null where either is unknown. */
    public function asStiffAs(self $other): ?Length
    {
        $own = $this->along();
        $wanted = $other->along();

        return $own === null || $wanted === null ? null : Length::ofMillimetres($this->thickness->mm * ($wanted / $own) ** (1 / 3));
    }

    /** In kg for each square metre, at 12 % moisture. */
    public function weight(): float
    {
        return $this->species->density() * $this->thickness->mm / 1_000;
    }

    /** @param  float  $modulus  in GPa, from bending */
    private function stiffness(float $modulus): float
    {
        return $modulus * self::SHEAR * 1e9 * ($this->thickness->mm / 1_000) ** 3 / 12;
    }
}
