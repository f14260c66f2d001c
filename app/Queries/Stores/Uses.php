<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Board;
use App\Pages\Stores\ServedLine;
use App\Planning\Stores\BuildLots;
use App\Support\Say;
use Regimen\Stores\Blank;
use Regimen\Stores\BlankKind;
use Regimen\Stores\Yields;
use Regimen\Units\Words;

/** What a board could become: by size and timber, and what speaks against it by cut, moisture, weight and figure. */
final class Uses
{
    private const MOST_NOT = 4;

    /** What is so much heavier than its kind is felt in the hand (common practice). */
    private const HEAVY = 1.1;

    /**
     * @param  list<array{Build, Blank}>  $open
     * @param  string|null  $settlesUntil  the day from which it is settled, where that is still to come
     * @return array{list<ServedLine>, list<string>} the best use first, and why the nearest others are none
     */
    public static function of(Board $board, array $open, ?string $settlesUntil, float $balance): array
    {
        $serves = $not = [];
        foreach ($open as [$build, $blank]) {
            $yields = Yields::of($board->rough(), $board->species, $blank);
            if ($yields->times > 0) {
                $serves[] = new ServedLine(
                    build: $build->number, title: $build->title, what: $blank->kind->value, size: BoardWords::blank($blank), times: $yields->times,
                    across: $yields->across > $yields->times ? $yields->across : 0, usedPercent: (int) round(100 * $yields->used), but: self::but($board, $blank, $settlesUntil, $balance),
                );
            } elseif ($blank->timber->name === $board->species && ! $blank->kind->isSmall()) {
                $not[] = "{$build->number} {$build->title}, {$blank->kind->value}: {$yields->cannot}";
            }
        }
        usort($serves, static fn (ServedLine $a, ServedLine $b): int => [count($a->but), -$a->usedPercent] <=> [count($b->but), -$b->usedPercent]);

        return [$serves, array_slice($not, 0, self::MOST_NOT)];
    }

    /** @return list<string> */
    private static function but(Board $board, Blank $blank, ?string $settlesUntil, float $balance): array
    {
        $density = BuildLots::density($board)?->at($balance);
        $usual = $blank->timber->density($balance);

        return array_values(array_filter([
            $blank->kind !== BlankKind::Fretboard && ! $blank->kind->isSmall() && $blank->cut !== $board->cut ? "{$blank->cut->words()} was asked for, it is {$board->cut->words()}" : '',
            $settlesUntil === null ? '' : 'it settles until '.Say::day($settlesUntil),
            $density !== null && $blank->kind === BlankKind::Body && $density > self::HEAVY * $usual ? 'heavy for its kind: '.Words::number($density, 0).' kg/m³, '.Words::number($usual, 0).' are usual' : '',
            $board->figure !== '' && ($blank->kind === BlankKind::Body && $blank->layer > 0) ? "its figure, {$board->figure}, would lie hidden under the top" : '',
        ]));
    }
}
