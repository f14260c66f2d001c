<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Box;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** The sound hole lies between board and bridge, with timber round it. */
final class SoundHole implements Check
{
    public function judge(Workings $w): iterable
    {
        if (! $w->specification->isBox()) {
            return;
        }
        $hole = $w->box()->soundHole();
        $edge = $w->specification->box->soundHole->mm / 2 + $w->specification->box->rosette->mm;
        $fixes = [['Put it just beyond the board', ['soundHoleBefore' => '']], ['Take the usual hole and rosette', ['soundHole' => '', 'soundHoleBefore' => '', 'rosette' => '']],
            ['Take a hole of 80 mm with a narrow rosette', ['soundHole' => '80 mm', 'soundHoleBefore' => '', 'rosette' => '8 mm']], ['Begin the body at fret 14, with the usual hole', ['joinFret' => '14', 'soundHole' => '', 'soundHoleBefore' => '', 'rosette' => '', 'pocketLength' => '']],
            ['Begin the body at fret 14, with 20 frets and a hole of 80 mm', ['joinFret' => '14', 'frets' => '20', 'boardLength' => '', 'soundHole' => '80 mm', 'soundHoleBefore' => '', 'rosette' => '8 mm', 'pocketLength' => '']],
        ];
        $beside = $w->box()->outline->contains($hole) ? $w->box()->outline->distanceTo($hole) - $edge : -$edge;
        if ($beside < 15.0) {
            yield Finding::when($beside < 0.0, 'hole-edge', 'Sound hole too near the top’s edge')
                ->says($beside < 0.0 ? 'It would reach '.Words::mm(-$beside).' beyond the edge.' : Words::mm($beside).' from rosette to edge.')
                ->because('The top has nothing left there to carry the strings’ pull.')->at('soundHole', 'soundHoleBefore', 'rosette')->fixBy($fixes);
        }
        $bridge = $w->box()->bridge()[0]->x - $hole->x - $w->specification->box->soundHole->mm / 2;
        if ($bridge < 30.0) {
            yield Finding::when($bridge < 5.0, 'hole-bridge', 'Sound hole too near the bridge')
                ->says(Words::mm($bridge).' between them.')->because('The top gives way between hole and bridge.')->at('soundHoleBefore', 'soundHole')->fixBy($fixes);
        }
        $board = $hole->x - $w->specification->box->soundHole->mm / 2 - $w->board()->length;
        if ($board < -25.0) {
            yield Finding::warn('hole-board', 'The board reaches over the sound hole')
                ->says('By '.Words::mm(-$board).'.')->because('Its end hangs in the air, and closes the hole.')->at('soundHoleBefore', 'frets')->fixBy($fixes);
        }
    }
}
