<?php

declare(strict_types=1);

namespace Regimen\Electronics;

use Regimen\Instrument\Pickup;
use Regimen\Instrument\Specification;

/** The tap test, generated from the switch's table (CALCULATIONS E4): which pickups must sound where, and which must not. */
final class TapTest
{
    /** @return list<array{position: int, sounds: list<string>, silent: list<string>, kilohms: float|null}> */
    public static function of(Specification $s): array
    {
        $known = [];
        foreach ($s->electrics->pickups as $pickup) {
            $known[mb_strtolower($pickup->place)] = $pickup;
        }
        $test = [];
        foreach ($s->electrics->switch as $index => $position) {
            $sounding = array_values(array_filter(array_map(static fn (string $name): ?Pickup => $known[$name] ?? null, $position->pickups)));
            $resistances = array_filter(array_map(static fn (Pickup $pickup): ?float => $pickup->resistance, $sounding));
            $test[] = [
                'position' => $index + 1,
                'sounds' => $position->pickups,
                'silent' => array_values(array_diff(array_keys($known), $position->pickups)),
                'kilohms' => $resistances !== [] && count($resistances) === count($sounding) ? Loading::parallel(array_values($resistances)) : null,
            ];
        }

        return $test;
    }
}
