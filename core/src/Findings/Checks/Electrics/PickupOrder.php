<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Electronics\ElectricWords;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Electrics\Pickup;
use Regimen\Units\Words;

/** Pickups are listed from the neck, and stand where their names say. */
final class PickupOrder implements Check
{
    private const NAMES = ['neck' => 0, 'middle' => 1, 'bridge' => 2];

    public function judge(Workings $w): iterable
    {
        $pickups = $w->specification->electrics->pickups;
        $order = array_keys($pickups);
        usort($order, static fn (int $a, int $b): int => $pickups[$b]->positionMm() <=> $pickups[$a]->positionMm());
        $named = array_values(
            array_filter(
                array_map(
                    static fn (int $index): ?int => self::NAMES[mb_strtolower($pickups[$index]->place)] ?? null,
                    $order,
                ),
                static fn (?int $rank): bool => $rank !== null,
            ),
        );
        $sorted = $named;
        sort($sorted);
        if ($order === array_keys($pickups) && $named === $sorted) {
            return;
        }
        $places = implode(
            ', ',
            array_map(static fn (Pickup $one): string => "{$one->place} ".Words::mm($one->positionMm()), $pickups),
        );
        yield Finding::warn('pickup-order', 'Pickups listed against their places')
            ->says("From the scale line: {$places}.")
            ->because(
                'They are listed from the neck; names and places would be mixed up at the switch and in the tap test.',
            )
            ->at('pickups')
            ->fixBy($named === $sorted ? [['List them as they stand', self::rows($pickups, $order, false)]] : [])
            ->fixBy(
                [
                    ['Name them as they stand', self::rows($pickups, $order, true)],
                    [
                        'Name them in order and spread all again',
                        [...self::rows($pickups, $order, true), ...SpreadAgain::all($w)],
                    ],
                ],
            )
            ->fix('Spread all pickups again', SpreadAgain::all($w));
    }

    /**
     * @param  list<Pickup>  $pickups
     * @param  list<int>  $order  from the neck
     * @param  bool  $renamed  whether the names are given again in that order
     * @return array<string, string>
     */
    private static function rows(array $pickups, array $order, bool $renamed): array
    {
        $names = array_map(static fn (Pickup $one): string => $one->place, $pickups);
        usort(
            $names,
            static fn (string $a, string $b): int => (
                self::NAMES[mb_strtolower($a)] ?? 1
            ) <=> (self::NAMES[mb_strtolower($b)] ?? 1),
        );
        $changes = [];
        foreach ($order as $row => $index) {
            $one = $pickups[$index];
            $changes["pickups.{$row}.place"] = $renamed ? $names[$row] : $one->place;
            $changes["pickups.{$row}.kind"] = $one->kind->value;
            $changes["pickups.{$row}.resistance"] = $one->resistance === null
                ? ''
                : ElectricWords::resistance($one->resistance);
            $changes["pickups.{$row}.position"] = (string) $one->position;
            $changes["pickups.{$row}.depth"] = (string) $one->depth;
            $changes["pickups.{$row}.spread"] = (string) $one->spread;
        }

        return $changes;
    }
}
