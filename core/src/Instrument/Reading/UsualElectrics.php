<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Electrics\Pickup;
use Regimen\Instrument\Electrics\SwitchPosition;
use Regimen\Units\Length;

/** Where pickups stand, which pots they take and how they are switched, where nobody has said. Common practice. */
final class UsualElectrics
{
    /** Room between pickups and what is beside them, in mm. */
    private const BOARD_ROOM_MM = 4.0;

    private const BRIDGE_ROOM_MM = 22.0;

    /**
     * Pickups without a place: the first beside the board, the last before the bridge, the others between.
     *
     * @param  list<Pickup>  $pickups
     * @param  float  $scale  in mm
     * @param  float  $boardLength  in mm
     * @return list<Pickup>
     */
    public static function placed(array $pickups, float $scale, float $boardLength): array
    {
        $last = count($pickups) - 1;
        foreach ($pickups as $index => $pickup) {
            if ($pickup->position === null) {
                $half = $pickup->kind->lengthMm() / 2;
                $nearBoard = $scale - $boardLength - self::BOARD_ROOM_MM - $half;
                $share = $last === 0 ? 1.0 : $index / $last;
                $position = max(5.0, (1 - $share) * $nearBoard + $share * (self::BRIDGE_ROOM_MM + $half));
                $pickups[$index] = $pickup->at(Length::ofMillimetres(round($position, 1)));
            }
        }

        return $pickups;
    }

    /**
     * @param  list<Pickup>  $pickups
     * @return list<float> kΩ
     */
    public static function pots(array $pickups): array
    {
        $usual = array_filter(array_map(static fn (Pickup $pickup): ?float => $pickup->kind->usualPot(), $pickups));

        return $usual === [] ? [] : [max($usual), max($usual)];
    }

    /**
     * Each alone, and each together with the next.
     *
     * @param  list<Pickup>  $pickups
     * @return list<SwitchPosition>
     */
    public static function positions(array $pickups): array
    {
        $places = array_map(static fn (Pickup $pickup): string => mb_strtolower($pickup->place), $pickups);
        $positions = [];
        foreach ($places as $index => $place) {
            $positions[] = $place;
            if (isset($places[$index + 1])) {
                $positions[] = $place.' + '.$places[$index + 1];
            }
        }

        return array_map(SwitchPosition::parse(...), $positions);
    }
}
