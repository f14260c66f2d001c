<?php

declare(strict_types=1);

namespace Regimen\Timber;

/**
 * A timber, by its common name.
 *
 * Specific gravities, shrinkage and hardness are in the reference table (memory of the tables of the *Wood Handbook*,
 * USDA Forest Products Laboratory; African ebony, which that table lacks, has rough figures from memory); which pores
 * are open, which timber is oily and its colour on a drawing are common practice. Protected are timbers of the
 * appendices of CITES (memory): an authority has to be asked, nothing here says what may be shipped.
 */
final readonly class Species
{
    /**
     * name => [open pores, oily or dense, colour when drawn, gravity at 12 %, basic gravity, radial and tangential
     * shrinkage in %, protected, Janka hardness in lbf]
     */
    private const KNOWN = [
        'sugar maple' => [false, false, '#e8cf9c', 0.63, null, 4.8, 9.9, false, 1450],
        'red maple' => [false, false, '#e3c594', 0.54, null, 4.0, 8.2, false, 950],
        'bigleaf maple' => [false, false, '#ddbd88', 0.48, null, 3.7, 7.1, false, 850],
        'black walnut' => [true, false, '#6b4a33', 0.55, null, 5.5, 7.8, false, 1010],
        'black cherry' => [false, false, '#b3683f', 0.50, null, 3.7, 7.1, false, 950],
        'white ash' => [true, false, '#dcc7a0', 0.60, null, 4.9, 7.8, false, 1320],
        'red alder' => [false, false, '#d3a67e', 0.41, null, 4.4, 7.3, false, 590],
        'American basswood' => [false, false, '#e6d6b4', 0.37, null, 6.6, 9.3, false, 410],
        'yellow-poplar' => [false, false, '#cfc79a', 0.42, null, 4.6, 8.2, false, 540],
        'yellow birch' => [false, false, '#dfc193', 0.62, null, 7.3, 9.5, false, 1260],
        'white oak' => [true, false, '#c9a878', 0.68, null, 5.6, 10.5, false, 1360],
        'Sitka spruce' => [false, false, '#ecd9ad', 0.40, null, 4.3, 7.5, false, 510],
        'western redcedar' => [false, false, '#b98058', 0.32, null, 2.4, 5.0, false, 350],
        'true mahogany' => [true, false, '#a3562f', null, 0.45, 3.0, 4.1, true, 800],
        'sapele' => [true, false, '#8f4a2c', null, 0.55, 4.6, 7.4, false, 1510],
        'okoume' => [true, false, '#cb9476', null, 0.33, 4.1, 6.1, false, 380],
        'limba' => [true, false, '#cfae70', null, 0.45, 4.5, 6.2, false, 490],
        'Spanish-cedar' => [true, false, '#b47a55', null, 0.41, 4.2, 6.3, true, 600],
        'Indian rosewood' => [true, true, '#4a2c24', null, 0.75, 2.7, 5.8, true, 3170],
        'purpleheart' => [false, true, '#5d3047', null, 0.67, 3.2, 6.1, false, 1860],
        'African ebony' => [false, true, '#2b2623', null, 0.90, 5.5, 6.5, false, 3080],
        'northern red oak' => [true, false, '#c39a6b', 0.63, null, 4.0, 8.6, false, 1290],
        'Engelmann spruce' => [false, false, '#eddcb6', 0.35, null, 3.8, 7.1, false, 390],
        'Port-Orford-cedar' => [false, false, '#e4cf9a', 0.43, null, 4.6, 6.9, false, 720],
    ];

    /** Of the volume, for each of basic gravity, from green to dry. */
    private const SHRINKS = 0.265;

    private function __construct(
        public string $name,
        public bool $openPored,
        public bool $oily,
        public string $colour,
        private ?float $gravityAtTwelve,
        private ?float $basicGravity,
        public float $radialShrinkage,
        public float $tangentialShrinkage,
        public bool $protected,
        public int $hardness,
    ) {
    }

    /** @throws \InvalidArgumentException for a timber that is not in the table */
    public static function named(string $name): self
    {
        $known = self::KNOWN[$name] ?? throw new \InvalidArgumentException(
            '“'.mb_substr($name, 0, 60).'” is not in the timber table. Choose one of: '.implode(', ', self::names())
                .'.',
        );

        return new self($name, ...$known);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::KNOWN);
    }

    /**
     * T3: density in kg/m³ at a moisture in %, through basic gravity: G_M = G / (1 − 0.265 a G) with a = (30 − M) / 30,
     * nothing above 30 %, then 1000 G_M (1 + M / 100). Source: Wood Handbook, FPL-GTR-282, chapter 4.
     *
     * @param  float  $moisture  % of the dry mass, zero or more
     */
    public function density(float $moisture = 12.0): float
    {
        $gravity = $this->basicGravity();
        $share = max(0.0, 30 - $moisture) / 30;

        return 1000 * $gravity / (1 - self::SHRINKS * $share * $gravity) * (1 + $moisture / 100);
    }

    /**
     * Gravity by dry mass and green volume; from one at 12 %: G = G₁₂ / (1 + 0.265 · 0.6 · G₁₂), 0.6 being a at 12 %.
     */
    private function basicGravity(): float
    {
        return $this->basicGravity ?? $this->gravityAtTwelve / (1 + self::SHRINKS * 0.6 * $this->gravityAtTwelve);
    }

    /** Shrinkage across a face that is tangential to such a share. */
    public function shrinkage(float $tangentialShare): float
    {
        return $this->radialShrinkage + ($this->tangentialShrinkage - $this->radialShrinkage) * $tangentialShare;
    }
}
