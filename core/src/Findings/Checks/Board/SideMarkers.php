<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Side markers fit the edge of the board. */
final class SideMarkers implements Check
{
    /** Board above and below the marker, together. */
    private const ROUND = 1.0;

    public function judge(Workings $w): iterable
    {
        $board = $w->board();
        $size = $w->specification->board->sideMarkers->mm;
        $x = $w->lastFret();
        $edge = $board->thickness - max(
            $board->dropAt(0.0, $board->widthAt(0.0) / 2), $board->dropAt($x, $board->widthAt($x) / 2),
        );
        if ($size > 0.0 && $size > $edge - self::ROUND) {
            $right = Words::down($edge - self::ROUND - 0.1);
            yield Finding::when($size > $edge, 'side-markers', 'Side markers larger than the board’s edge')
                ->says(Words::mm($size).' on an edge of '.Words::mm($edge).' after the radius.')
                ->because('The bit runs into the neck or out of the face.')
                ->at('sideMarkers', 'boardThickness')
                ->fixBy(
                    [
                        [
                            'Take side markers of '.Words::mm($right),
                            $right >= 1.0 ? ['sideMarkers' => Words::typed($right)] : null,
                        ],
                        ['Leave the side markers out', ['sideMarkers' => '0']],
                    ],
                );
        }
    }
}
