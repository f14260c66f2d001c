<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Board;
use Illuminate\Support\Facades\DB;
use Regimen\Stores\Blank;
use Regimen\Stores\Yields;
use Regimen\Timber\RoughBoard;
use Regimen\Units\Length;

/** Which boards serve a need, looked up in one statement for all needs, however many boards there are. */
final class Rack
{
    /**
     * The boards that serve each need with the least left over, smallest first.
     *
     * @param  list<array{Build, Blank}>  $needs
     * @param  int  $most  of them a need
     * @return array<int, list<int>> numbers of boards by the keys of the needs
     */
    public static function serving(array $needs, int $most): array
    {
        $species = array_values(array_unique(array_map(static fn (array $one): string => $one[1]->timber->name, $needs)));
        $bySpecies = [];
        $rows = DB::table('boards')->whereNull('gone_at')->whereIn('species', $species)->orderByRaw('length_tenths * width_tenths * thickness_tenths')->orderBy('id')
            ->get(['id', 'species', 'length_tenths', 'width_tenths', 'thickness_tenths']);
        foreach ($rows as $row) {
            $bySpecies[$row->species][] = [(int) $row->id, $row->length_tenths / 10, $row->width_tenths / 10, $row->thickness_tenths / 10];
        }

        return array_map(static fn (array $need): array => self::first($bySpecies[$need[1]->timber->name] ?? [], $need[1], $most), $needs);
    }

    /**
     * @param  list<array{int, float, float, float}>  $boards  number, length, width, thickness in mm
     * @return list<int>
     */
    private static function first(array $boards, Blank $blank, int $most): array
    {
        $thick = $blank->roughThickness() - 1e-9;
        $serving = [];
        foreach ($boards as [$id, $long, $wide, $deep]) {
            // What is too small is told without working it out.
            if ($long >= $blank->length && $wide >= $blank->width && $deep >= $thick
                && Yields::of(RoughBoard::leftOf(Length::ofMillimetres($long), Length::ofMillimetres($wide), Length::ofMillimetres($deep)), $blank->timber->name, $blank)->times > 0) {
                $serving[] = $id;
                if (count($serving) === $most) {
                    break;
                }
            }
        }

        return $serving;
    }

    /**
     * How many of the needs a board serves.
     *
     * @param  list<array{Build, Blank}>  $needs
     */
    public static function count(Board $board, array $needs): int
    {
        return count(array_filter($needs, static fn (array $one): bool => $one[1]->timber->name === $board->species && Yields::of($board->rough(), $board->species, $one[1])->times > 0));
    }
}
