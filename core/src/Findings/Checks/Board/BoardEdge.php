<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Board left under the slots’ ends after the radius (G5). */
final class BoardEdge implements Check
{
    private const LEAST = 0.5;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $board = $w->board();
        $x = $board->edgeLeft(0.0)->value < $board->edgeLeft($w->lastFret())->value ? 0.0 : $w->lastFret();
        $left = $board->edgeLeft($x)->value;
        if ($left >= self::LEAST) {
            return;
        }
        $thick = Words::up($board->thickness + self::LEAST - $left);
        $slot = Words::down($board->slotDepth - self::LEAST + $left, 2);
        yield Finding::stop('board-edge', 'The radius leaves no edge')
            ->says(Words::mm($left, 2).' stay under the slots at the board’s edge; at least 0.5 should.')
            ->because('The board comes apart along the slots when the frets go in.')
            ->at('boardThickness', 'radius', 'slotDepth')
            ->fixBy(ThickerBoard::ways($w, $thick))
            ->fixBy(
                $slot >= $s->board->tangDepth->mm ? [
                    ['Cut the slots '.Words::mm($slot, 2).' deep', ['slotDepth' => Words::typed($slot, 2)]],
                ] : [],
            )
            ->fixBy(FlatterBoard::ways($w));
    }
}
