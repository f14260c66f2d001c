<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** The crown covers its slot. */
final class SlotWidth implements Check
{
    /** Of crown on each side of the slot; common practice. */
    private const COVER = 0.3;

    public function judge(Workings $w): iterable
    {
        $board = $w->specification->board;
        $cover = ($board->crownWidth->mm - $board->slotWidth->mm) / 2;
        if ($cover < self::COVER - 1e-6) {
            yield Finding::when($cover <= 0.0, 'slot-wide', 'Slots wider than the crown covers')
                ->says(
                    'Slot '.Words::number($board->slotWidth->mm, 2).', crown '.Words::mm($board->crownWidth->mm, 2).'.',
                )
                ->because('A gap shows beside every fret, and the tang does not hold.')
                ->at('slotWidth', 'crownWidth')
                ->fixBy(
                    [
                        ['Cut the slots 0.58 mm wide', ['slotWidth' => '0.58 mm']], ['Cut the slots 0.2 mm wide', ['slotWidth' => '0.2 mm']],
                        ['Take the usual wire and slots', ['slotWidth' => '', 'crownWidth' => '']],
                    ],
                );
        }
    }
}
