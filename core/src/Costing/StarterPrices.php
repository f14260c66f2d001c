<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Route\Operations\CoatOperation;
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

    /** An hour of labour until the shop sets its own. */
    public static function labourRate(string $currency): Money
    {
        return Money::parse('48', $currency);
    }

    public static function in(string $currency): PriceList
    {
        $prices = [];
        foreach (Species::names() as $timber) {
            $plank = StarterPrice::timber($timber, 'bd ft', self::TIMBER[$timber] ?? 14);
            $prices[] = $plank->price("timber:{$timber}", $currency);
            $board = StarterPrice::timber("{$timber} fretboard blank", 'piece', self::BOARDS[$timber] ?? 22);
            $prices[] = $board->price("board:{$timber}", $currency);
        }
        foreach (PartKind::cases() as $kind) {
            $prices[] = $kind->starter()->price($kind->value, $currency);
        }
        foreach (FinishSystem::cases() as $system) {
            $prices[] = self::finish($system)->price("finish:{$system->value}", $currency);
        }

        return PriceList::of($prices, $currency);
    }

    private static function finish(FinishSystem $system): StarterPrice
    {
        [$name, $cost, $days] = CoatOperation::of($system)->supplies();

        return new StarterPrice($name, 'share', $cost, $days, 'finish supplier');
    }
}
