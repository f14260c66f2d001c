<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Units\Words;

/** A thicker board as a fix: alone, with the neck and its heel as much thicker, and with screws as much shorter. */
final class ThickerBoard
{
    /** @return iterable<array{string, array<string, string>}> */
    public static function ways(Workings $w, float $thick): iterable
    {
        $s = $w->specification;
        $more = $thick - $s->board->boardThickness->mm;
        $board = ['boardThickness' => Words::typed($thick)];
        $neck = [
            'thicknessFirst' => Words::typed($s->neck->thicknessFirst->mm + $more),
            'thicknessTwelfth' => Words::typed($s->neck->thicknessTwelfth->mm + $more),
        ];
        $heel = ['heelThickness' => Words::typed($s->joinery->heelThickness->mm + $more)];
        yield ['Make the board '.Words::mm($thick).' thick', $board];
        yield [
            'Make the board '.Words::mm($thick).' thick and shorten the screws',
            [...$board, 'screwLength' => Words::typed(max(10.0, floor($s->joinery->screwLength->mm - $more)), 0)],
        ];
        yield ['Make board and neck '.Words::mm($more).' thicker', [...$board, ...$neck]];
        yield ['Make board, neck and heel '.Words::mm($more).' thicker', [...$board, ...$neck, ...$heel]];
        yield [
            'Make board, neck and heel '.Words::mm($more).' thicker and the pocket as much deeper',
            [...$board, ...$neck, ...$heel, 'pocketDepth' => Words::typed($s->joinery->pocketDepth->mm + $more)],
        ];
    }
}
