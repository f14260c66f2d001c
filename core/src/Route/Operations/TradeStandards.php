<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Route\Entry\Entry;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Entry\Way;
use Regimen\Route\Standards\FinishStandard;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\Standard;
use Regimen\Units\Duration;

/**
 * What a new shop starts from: the default operations for one instrument made by hand with templates. All figures are
 * common practice without a single source, and defaults that the shop can change. Hours by another way than the usual
 * one are the trade's where the trade gives them (radius, frets, carving) and house guesses otherwise.
 */
final class TradeStandards
{
    public static function all(): HouseStandards
    {
        return HouseStandards::of(
            array_merge(...array_map(self::ways(...), Operations::all())),
            array_map(static fn (CoatOperation $coat): FinishStandard => $coat->usual(), CoatOperation::cases()),
        );
    }

    /** @return list<Standard> */
    private static function ways(TradeOperation $operation): array
    {
        $entry = Operations::entry($operation);
        $standards = [];
        foreach ($entry->ways as $index => $way) {
            $standards[] = self::standard($operation, $entry, $way, $index === 0);
        }

        return $standards;
    }

    private static function standard(TradeOperation $operation, Entry $entry, Way $way, bool $usual): Standard
    {
        return new Standard(
            (string) $operation->value, $entry->name, $operation->stage(), $way->setUp, $way->labour,
            $entry->hold->time ?? Duration::zero(), $entry->skill, $way->station?->value,
            $entry->hold?->fixture?->value,
            $entry->hold->fixtures ?? 1, $entry->oneSitting, $way->caution, $entry->hold?->kind, $way->tool,
            $way->words,
            $entry->growth?->driver, $entry->growth->fixedPercent ?? Standard::USUAL_SHARE, $way->risk, $usual,
            $entry->hands->time->minutes ?? 0, $way->alone->minutes,
        );
    }
}
