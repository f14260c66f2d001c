<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Slots take the tang and stay above the glue line. */
final class SlotDepth implements Check
{
    public function judge(Workings $w): iterable
    {
        $board = $w->specification->board;
        $under = $w->board()->thickness - $w->board()->slotDepth;
        if ($board->slotDepth->mm < $board->tangDepth->mm) {
            yield Finding::stop('slot-shallow', 'Slots shallower than the tang', 'The tang is '.Words::mm($board->tangDepth->mm, 2).', the slot '.Words::mm($board->slotDepth->mm, 2).'.', 'The fret cannot sit down.', 'slotDepth', 'tangDepth')
                ->mend('slots '.Words::number($board->tangDepth->mm + 0.5, 2).' deep', ['slotDepth' => Words::typed($board->tangDepth->mm + 0.5, 2)]);
        }
        if ($under < 1.5) {
            yield Finding::when($under < 0.5, 'slot-deep', 'Slots almost through the board', Words::mm($under, 2).' stay under them in the middle.', 'The board bends and breaks at its slots while it is handled and glued.', 'slotDepth', 'boardThickness')
                ->mend('board '.Words::number($w->board()->slotDepth + 2.0).' thick', ['boardThickness' => Words::typed($w->board()->slotDepth + 2.0)]);
        }
    }
}
