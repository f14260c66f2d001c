<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Timber\Species;
use Regimen\Units\Money;

/** Round figures, invented, for a new shop to overwrite with its own; in whole currency units. */
final class StarterPrices
{
    /** Timber a board foot, in whole units; what is not named costs 14. */
    private const TIMBER = [
        'true mahogany' => 26, 'black walnut' => 18, 'limba' => 21, 'sapele' => 15, 'Spanish-cedar' => 17,
        'African ebony' => 95, 'Indian rosewood' => 60, 'purpleheart' => 19, 'Sitka spruce' => 16, 'white ash' => 12,
        'red alder' => 9, 'American basswood' => 7, 'yellow-poplar' => 6,
    ];

    /** Fretboard blanks; what is not named costs 22. */
    private const BOARDS = ['African ebony' => 58, 'Indian rosewood' => 44, 'purpleheart' => 26];

    /** key => [name, unit, whole units, lead days, supplier] */
    private const PARTS = [
        'truss-rod' => ['two-way truss rod', 'piece', 24, 6, 'hardware supplier'],
        'tuner' => ['tuner', 'piece', 12, 10, 'hardware supplier'],
        'bass-tuner' => ['bass tuner', 'piece', 19, 10, 'hardware supplier'],
        'bridge' => ['bridge', 'piece', 85, 12, 'hardware supplier'],
        'bass-bridge' => ['bass bridge', 'piece', 110, 14, 'hardware supplier'],
        'nut-blank' => ['bone nut blank', 'piece', 6, 5, 'hardware supplier'],
        'strap-buttons' => ['strap buttons, pair', 'pair', 7, 5, 'hardware supplier'],
        'neck-screws' => ['neck screws and plate', 'set', 11, 5, 'hardware supplier'],
        'pickup' => ['pickup', 'piece', 95, 18, 'pickup winder'],
        'bass-pickup' => ['bass pickup', 'piece', 115, 18, 'pickup winder'],
        'electronics-set' => ['pots, switch, capacitor, jack, wire', 'set', 48, 8, 'electronics supplier'],
        'stiffening-rods' => ['stiffening rods, pair', 'pair', 16, 6, 'hardware supplier'],
        'binding' => ['binding', 'm', 5, 6, 'hardware supplier'],
        'fret-wire' => ['fret wire', 'm', 9, 6, 'hardware supplier'],
        'finish:wiping-oil' => ['wiping oil, cloths, pads', 'share', 22, 4, 'finish supplier'],
        'finish:hard-wax-oil' => ['hard-wax oil, cloths', 'share', 24, 4, 'finish supplier'],
        'finish:brushed-varnish' => ['varnish, brushes, thinner', 'share', 38, 4, 'finish supplier'],
        'finish:water-borne' => ['water-borne lacquer, sealer, colour', 'share', 62, 5, 'finish supplier'],
        'finish:two-part' => ['two-part lacquer, hardener, thinner', 'share', 88, 6, 'finish supplier'],
        'finish:shellac' => ['shellac, spirit, oil, wadding', 'share', 34, 4, 'finish supplier'],
        'finish:nitrocellulose' => ['lacquer, sealer, thinner, colour', 'share', 74, 6, 'finish supplier'],
        'strings' => ['set of guitar strings', 'set', 9, 3, 'hardware supplier'],
        'bass-strings' => ['set of bass strings', 'set', 28, 3, 'hardware supplier'],
        'consumables' => ['glue, abrasives, tape, solder', 'share', 35, 0, 'from the shop'],
    ];

    /** An hour of labour until the shop sets its own. */
    public static function labourRate(string $currency): Money
    {
        return Money::parse('48', $currency);
    }

    public static function in(string $currency): PriceList
    {
        $whole = Money::parse('1', $currency)->minor;
        $prices = [];
        foreach (Species::names() as $timber) {
            $prices[] = new Price("timber:{$timber}", $timber, 'bd ft', Money::ofMinor($whole * (self::TIMBER[$timber] ?? 14), $currency), 7, 'timber yard');
            $prices[] = new Price("board:{$timber}", "{$timber} fretboard blank", 'piece', Money::ofMinor($whole * (self::BOARDS[$timber] ?? 22), $currency), 7, 'timber yard');
        }
        foreach (self::PARTS as $key => [$name, $unit, $cost, $days, $supplier]) {
            $prices[] = new Price($key, $name, $unit, Money::ofMinor($whole * $cost, $currency), $days, $supplier);
        }

        return PriceList::of($prices, $currency);
    }
}
