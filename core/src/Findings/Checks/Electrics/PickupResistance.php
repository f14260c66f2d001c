<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Electronics\ElectricWords;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Electrics\PickupKind;

/** A pickup’s resistance is of the usual size. */
final class PickupResistance implements Check
{
    private const LEAST = 1.5;

    private const MOST = 35.0;

    public function judge(Workings $w): iterable
    {
        foreach ($w->specification->electrics->pickups as $index => $pickup) {
            $kilohms = $pickup->resistance;
            if (
                $kilohms === null
                || $pickup->kind === PickupKind::Piezo
                || $kilohms >= self::LEAST
                && $kilohms <= self::MOST
            ) {
                continue;
            }
            $meant = array_values(
                array_filter(
                    [$kilohms / 1000, $kilohms * 1000],
                    static fn (float $one): bool => $one >= self::LEAST && $one <= self::MOST,
                ),
            )[0] ?? null;
            yield Finding::warn("pickup-resistance.{$index}", "The {$pickup->place} pickup’s resistance is unusual")
                ->says(ElectricWords::resistance($kilohms).'; 4 to 20 kΩ is usual.')
                ->because(
                    $meant === null
                    ? 'It may have been read or typed wrongly.'
                    : 'The unit may be wrong: ohms for kilohms.',
                )
                ->at("pickups.{$index}.resistance")
                ->fix(
                    $meant === null ? null : 'Make it '.ElectricWords::resistance($meant),
                    $meant === null ? null : ["pickups.{$index}.resistance" => ElectricWords::resistance($meant)],
                )
                ->fix('Leave it open until it is measured', ["pickups.{$index}.resistance" => '']);
        }
    }
}
