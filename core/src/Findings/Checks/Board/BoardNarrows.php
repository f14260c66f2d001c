<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Units\Words;

/** The board widens towards the body, and the heel carries it. */
final class BoardNarrows implements Check
{
    /** So much of the board may stand over the heel on both sides together, in mm. */
    private const OVERHANG = 1.0;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->board->lastWidth->mm < $s->board->nutWidth->mm) {
            yield $this->boardNarrows($s);
        }
        $wide = $w->board()->widthAt(min($w->board()->length, $w->fret($s->joinery->joinFret)));
        if ($s->joinery->joint !== NeckJoint::Through && $s->joinery->heelWidth->mm < $wide - self::OVERHANG) {
            yield $this->heelNarrow($s, $wide);
        }
    }

    private function boardNarrows(Specification $s): Finding
    {
        return Finding::warn('board-narrows', 'Nut wider than the board’s end')
            ->says(
                Words::number($s->board->nutWidth->mm).' at the nut, '.Words::mm($s->board->lastWidth->mm)
                .' at the last fret.',
            )
            ->because('Strings spread towards the bridge; the two may have been swapped.')
            ->at('nutWidth', 'lastWidth')
            ->fixBy([
                [
                    'Swap them',
                    [
                        'nutWidth' => Words::typed($s->board->lastWidth->mm, 2),
                        'lastWidth' => Words::typed($s->board->nutWidth->mm, 2),
                    ],
                ],
                ['Set the width at the last fret by the strings', ['lastWidth' => '']],
                [
                    Words::number($s->board->nutWidth->mm + 8.0).' wide at the last fret',
                    [
                        'lastWidth' => Words::typed($s->board->nutWidth->mm + 8.0), 'heelWidth' => '',
                        'pocketWidth' => '',
                    ],
                ],
                [
                    Words::number($s->board->nutWidth->mm + 8.0).' wide at the last fret, slots to match',
                    [
                        'lastWidth' => Words::typed($s->board->nutWidth->mm + 8.0), 'heelWidth' => '',
                        'pocketWidth' => '', 'slotDepth' => '',
                    ],
                ],
                [
                    'Set nut, board and bridge by the strings',
                    [
                        'nutWidth' => '', 'lastWidth' => '', 'bridgeSpread' => '', 'nutMargin' => '',
                        'heelWidth' => '', 'pocketWidth' => '',
                    ],
                ],
            ]);
    }

    private function heelNarrow(Specification $s, float $wide): Finding
    {
        return Finding::warn('heel-narrow', 'Heel narrower than the board')
            ->says(
                Words::mm($s->joinery->heelWidth->mm).', and the board is '.Words::mm($wide)
                .' wide where the body begins.',
            )
            ->because('The board stands over its neck at both sides.')
            ->at('heelWidth', 'lastWidth')
            ->fixBy(
                [
                    ['Make the heel as wide as the board', ['heelWidth' => '', 'pocketWidth' => '']],
                    [
                        'Make the heel '.Words::mm(Words::up($wide)).' wide',
                        ['heelWidth' => Words::typed(Words::up($wide)), 'pocketWidth' => ''],
                    ],
                    ['Set heel and board by the strings', ['heelWidth' => '', 'pocketWidth' => '', 'lastWidth' => '']],
                ],
            );
    }
}
