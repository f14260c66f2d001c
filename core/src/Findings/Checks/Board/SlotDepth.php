<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Fretboard\Fretboard;
use Regimen\Instrument\Shape\BoardShape;
use Regimen\Units\Words;

/** Slots take the tang all the way across and stay above the glue line (G5). */
final class SlotDepth implements Check
{
    public function judge(Workings $w): iterable
    {
        $board = $w->specification->board;
        $shape = $w->board();
        $x = $shape->slotAtEdge(0.0) < $shape->slotAtEdge($w->lastFret()) ? 0.0 : $w->lastFret();
        $edge = $shape->slotAtEdge($x);
        if ($edge < $board->tangDepth->mm - 1e-6) {
            $flat = $edge < $shape->slotDepth - 1e-6;
            $deep = Words::up(
                $board->tangDepth->mm + 0.3 + (
                    $flat ? max(
                        $shape->dropAt(0.0, $shape->widthAt(0.0) / 2),
                        $shape->dropAt($w->lastFret(), $shape->widthAt($w->lastFret()) / 2),
                    ) : 0.0
                ),
                2,
            );
            yield $this->slotShallow($board, $edge, $flat, $shape, $deep);
        }
        $under = $shape->thickness - $shape->slotDepth;
        if ($under < 1.5) {
            $least = Words::up($shape->slotDepth - $edge + $board->tangDepth->mm, 2);
            yield $this->slotDeep($under, $w, $shape, $least);
        }
    }

    private function slotShallow(Fretboard $board, float $edge, bool $flat, BoardShape $shape, float $deep): Finding
    {
        return Finding::stop('slot-shallow', 'Slots shallower than the tang')
            ->says(
                'The tang is '.Words::mm($board->tangDepth->mm, 2).', the slot '.Words::mm($edge, 2).(
                    $flat
                        ? ' at the edge, where the radius has taken '.Words::number($shape->slotDepth - $edge, 2)
                        .' of its '.Words::number($shape->slotDepth, 2).'.'
                        : '.'
                ),
            )
            ->because('The fret cannot sit down.')
            ->at('slotDepth', 'tangDepth', 'radius')
            ->fixBy([
                ['Cut the slots '.Words::mm($deep, 2).' deep', ['slotDepth' => Words::typed($deep, 2)]],
                [
                    'Cut the slots '.Words::mm($deep, 2).' deep in a board of '.Words::mm($deep + 2.0),
                    [
                        'slotDepth' => Words::typed($deep, 2),
                        'boardThickness' => Words::typed(Words::up($deep + 2.0)),
                    ],
                ],
                ['Take a radius of 16" and match the slots', ['radius' => '16"', 'radiusEnd' => '', 'slotDepth' => '']],
                [
                    'Take a radius of 20" and match slots and board',
                    ['radius' => '20"', 'radiusEnd' => '', 'slotDepth' => '', 'boardThickness' => ''],
                ],
                ['Take wire with a tang of 1.5 mm', ['tangDepth' => '1.5 mm', 'slotDepth' => '']],
            ]);
    }

    private function slotDeep(float $under, Workings $w, BoardShape $shape, float $least): Finding
    {
        return Finding::when($under < 0.5, 'slot-deep', 'Slots almost through the board')
            ->says(Words::mm($under, 2).' stay under them in the middle.')
            ->because('The board bends and breaks at its slots while it is handled and glued.')
            ->at('slotDepth', 'boardThickness')
            ->fixBy(ThickerBoard::ways($w, Words::up($shape->slotDepth + 1.6)))
            ->fixBy(
                $shape->thickness - $least >= 1.5
                    ? [['Cut the slots '.Words::mm($least, 2).' deep', ['slotDepth' => Words::typed($least, 2)]]]
                    : FlatterBoard::ways($w),
            );
    }
}
