<?php

declare(strict_types=1);

namespace Regimen\Route\Judge;

use Regimen\Route\Edits\SendOut;
use Regimen\Route\Route;

/** Compares a changed route with the derived one: which of its links no longer hold. */
final class RouteJudge
{
    /** @return list<Damage> what would be spoiled first */
    public static function damage(Route $derived, Route $changed): array
    {
        return [...self::broken($derived, $changed), ...self::shortHolds($derived, $changed)];
    }

    /** @return list<ShortHold> */
    private static function shortHolds(Route $derived, Route $changed): array
    {
        $short = [];
        foreach ($changed->operations as $operation) {
            $was = $derived->find($operation->key);
            // What is split holds after its second part.
            $hold = $changed->find("{$operation->key}.2")->hold ?? $operation->hold;
            if ($operation->standard->way !== SendOut::WAY && $was?->holdKind?->isSlowedByCold() === true && $hold->minutes < $was->hold->minutes) {
                $short[] = new ShortHold($operation->with(['holdKind' => $was->holdKind]), $was->hold);
            }
        }

        return $short;
    }

    /** @return list<Broken> what would be spoiled first */
    public static function broken(Route $derived, Route $changed): array
    {
        $ancestors = $changed->ancestors();
        $stake = $changed->atStake();
        $broken = [];
        foreach ($derived->links as $link) {
            $before = $derived->find($link->before);
            $after = $derived->find($link->after);
            if (
                $before === null
                || $after === null
                || ! isset($ancestors[$link->after])
                || isset($ancestors[$link->after][$link->before])
            ) {
                continue;
            }
            $broken[] = new Broken(
                $link, $before->name, $after->name, ! isset($ancestors[$link->before]), $stake[$link->after],
            );
        }
        usort(
            $broken,
            static fn (Broken $a, Broken $b): int => [
                $a->link->spoils === '' ? 1 : 0, -$a->stake->minutes,
            ] <=> [$b->link->spoils === '' ? 1 : 0, -$b->stake->minutes],
        );

        return $broken;
    }
}
