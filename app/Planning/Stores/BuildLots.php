<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use App\Models\Stores\BoardReading;
use Regimen\Timber\LotDensity;
use Regimen\Timber\Lots;

/** What lots a build is cut from, with what they weigh. */
final class BuildLots
{
    public static function of(Build $build): Lots
    {
        $known = [];
        $blanks = Blank::query()->inBuild()->where('build_id', $build->id)
            ->with(['board.readings', 'board.lot.readings'])->orderBy('id')->get();
        foreach ($blanks as $blank) {
            [$kind, $layer] = [...explode('.', $blank->key), '0'];
            $density = self::density($blank->board);
            if ($density !== null) {
                $known[in_array($kind, ['neck', 'fretboard'], true) ? $kind : "layer.{$layer}"] = $density;
            }
        }

        return new Lots($known);
    }

    /** Of a board, by its last weight; of what is left of one, by the lot’s. */
    public static function density(Board $board): ?LotDensity
    {
        $weighed = $board->readings->whereNotNull('grams')->last();
        if ($weighed === null) {
            return $board->lot === null ? null : self::density($board->lot);
        }
        $read = $board->readings->filter(static fn (BoardReading $one): bool => $one->moisture_hundredths !== null && $one->at <= $weighed->at)->last();

        return new LotDensity(
            "board {$board->id}", $board->species, $board->rough()->density($weighed->grams / 1000), $read === null ? null : $read->moisture_hundredths / 100,
        );
    }
}
