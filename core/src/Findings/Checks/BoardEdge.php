<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Board left under the slots’ ends after the radius (G5). */
final class BoardEdge implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $x = $w->board()->edgeLeft(0.0) < $w->board()->edgeLeft($w->lastFret()) ? 0.0 : $w->lastFret();
        $left = $w->board()->edgeLeft($x);
        if ($left < 0.5) {
            yield Finding::stop('board-edge', 'The radius leaves no edge', Words::mm($left, 2).' stay under the slots at the board’s edge; at least 0.5 should.', 'The board comes apart along the slots when the frets go in.', 'boardThickness', 'radius', 'slotDepth')
                ->mend('board '.Words::number(ceil(10 * ($w->board()->thickness + 0.5 - $left)) / 10).' thick', ['boardThickness' => Words::typed(ceil(10 * ($w->board()->thickness + 0.5 - $left)) / 10)])
                ->mend('slots '.Words::number($w->board()->slotDepth - 0.5 + $left, 2).' deep', $w->board()->slotDepth - 0.5 + $left >= $s->board->tangDepth->mm ? ['slotDepth' => Words::typed($w->board()->slotDepth - 0.5 + $left, 2)] : null);
        }
    }
}
