<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Units\Words;

/** Board left under the markers. */
final class MarkerFloor implements Check
{
    public function judge(Workings $w): iterable
    {
        $board = $w->specification->board;
        $floor = $board->boardThickness->mm - $board->markerDepth->mm;
        if ($board->markers !== MarkerShape::None && $floor < 1.0) {
            yield Finding::when($floor <= 0.0, 'marker-floor', 'Marker holes almost through the board')
                ->says(Words::mm($floor, 2).' stay under them.')
                ->because('The bit comes out at the glue line, or glue comes up.')
                ->at('markerDepth', 'boardThickness')
                ->fix(
                    'Drill the holes '.Words::mm($board->boardThickness->mm - 2.0).' deep',
                    $board->boardThickness->mm > 3 ? [
                        'markerDepth' => Words::typed($board->boardThickness->mm - 2.0),
                        'markerThickness' => Words::typed(
                            min($board->markerThickness->mm, $board->boardThickness->mm - 2.0),
                        ),
                    ] : null,
                );
        }
    }
}
