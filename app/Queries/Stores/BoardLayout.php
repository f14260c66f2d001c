<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Board;
use App\Models\Stores\BoardDefect;
use App\Pages\Stores\LaidLine;
use App\Pages\Stores\LayoutLine;
use App\Pages\Stores\SawLine;
use Regimen\Stores\Blank;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\CuttingPlan;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\SawCut;
use Regimen\Stores\Cutting\Wanted;
use Regimen\Timber\BoardFeet;
use Regimen\Timber\Resawing;

/** What one board serves, laid onto it together (CALCULATIONS I1). */
final class BoardLayout
{
    private const TRIES = 100;

    /** A page does not look for a place for more than this; the first promised come first. */
    private const MOST = 12;

    /** @param  list<array{Build, Blank}>  $served  in the order of their promises */
    public static function of(Board $board, array $served): ?LayoutLine
    {
        $fitting = array_slice(array_values(array_filter($served, static fn (array $one): bool => self::fillsItsThickness($board, $one[1]))), 0, self::MOST);
        if ($fitting === []) {
            return null;
        }
        $face = new Face($board->id, $board->length_tenths / 10, $board->width_tenths / 10, array_values($board->defects->map(static fn (BoardDefect $one): Area => new Area(
            $one->from_tenths / 10, $one->across_tenths / 10, $one->length_tenths / 10, $one->width_tenths / 10,
        ))->all()));
        $plan = CuttingPlan::of([$face], array_map(static fn (array $one, int $at): Wanted => new Wanted(
            $at, $one[1]->length, $one[1]->width, self::places($board, $one[1]),
        ), $fitting, array_keys($fitting)), self::TRIES, $board->id);

        return new LayoutLine(
            laid: array_map(static fn (Laid $one): LaidLine => new LaidLine(self::words($fitting[$one->wanted]), round($one->area->from, 1), round($one->area->across, 1), $one->area->length, $one->area->width), $plan->laid),
            cuts: array_map(static fn (SawCut $one): SawLine => $one->isAcross ? new SawLine($one->at, $one->from, $one->at, $one->to) : new SawLine($one->from, $one->at, $one->to, $one->at), $plan->cuts),
            usedPercent: (int) round(100 * $plan->used([$face])),
            offcut: $plan->offcut === null ? '' : sprintf('%d × %d mm', floor($plan->offcut->length), floor($plan->offcut->width)),
            without: array_map(static fn (Wanted $one): string => self::words($fitting[$one->number]), $plan->without),
        );
    }

    /** A board of more than twice what a piece needs is resawn first, not planed away. */
    private static function fillsItsThickness(Board $board, Blank $blank): bool
    {
        return $blank->isSliced || 2 * ($blank->thickness + 2 * BoardFeet::PLANING_MM) > $board->rough()->thickness->mm;
    }

    /** Slices of one place are neighbours; else every piece has a place of its own. */
    private static function places(Board $board, Blank $blank): int
    {
        return $blank->isSliced ? (int) ceil($blank->pieces / max(1, Resawing::of($board->rough()->thickness->mm, $blank->thickness)->slices)) : $blank->pieces;
    }

    /** @param  array{Build, Blank}  $one */
    private static function words(array $one): string
    {
        return "{$one[0]->number} {$one[1]->kind->value}";
    }
}
