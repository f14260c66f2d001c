<?php

declare(strict_types=1);

namespace Regimen\Timber;

/**
 * A timber, by its common name.
 *
 * Names, specific gravities and shrinkage are in the reference table (memory of the tables of the *Wood Handbook*,
 * USDA Forest Products Laboratory); which pores are open, which timber is oily and its colour on a drawing are common practice.
 */
final readonly class Species
{
    /** name => [open pores need filling under lacquer, oily or dense enough to be left without lacquer, colour when drawn] */
    private const KNOWN = [
        'sugar maple' => [false, false, '#e8cf9c'],
        'red maple' => [false, false, '#e3c594'],
        'bigleaf maple' => [false, false, '#ddbd88'],
        'black walnut' => [true, false, '#6b4a33'],
        'black cherry' => [false, false, '#b3683f'],
        'white ash' => [true, false, '#dcc7a0'],
        'red alder' => [false, false, '#d3a67e'],
        'American basswood' => [false, false, '#e6d6b4'],
        'yellow-poplar' => [false, false, '#cfc79a'],
        'yellow birch' => [false, false, '#dfc193'],
        'white oak' => [true, false, '#c9a878'],
        'Sitka spruce' => [false, false, '#ecd9ad'],
        'western redcedar' => [false, false, '#b98058'],
        'true mahogany' => [true, false, '#a3562f'],
        'sapele' => [true, false, '#8f4a2c'],
        'okoume' => [true, false, '#cb9476'],
        'limba' => [true, false, '#cfae70'],
        'Spanish-cedar' => [true, false, '#b47a55'],
        'Indian rosewood' => [true, true, '#4a2c24'],
        'purpleheart' => [false, true, '#5d3047'],
        'African ebony' => [false, true, '#2b2623'],
    ];

    private function __construct(public string $name, public bool $openPored, public bool $oily, public string $colour)
    {
    }

    /** @throws \InvalidArgumentException for a timber that is not in the table */
    public static function named(string $name): self
    {
        [$openPored, $oily, $colour] = self::KNOWN[$name] ?? throw new \InvalidArgumentException(
            "“{$name}” is not in the timber table. Choose one of: ".implode(', ', self::names()).'.',
        );

        return new self($name, $openPored, $oily, $colour);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::KNOWN);
    }
}
