<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\NeckJoint;

/** Screws reach the neck and stay under the frets. */
final class NeckScrews implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->joinery->joint !== NeckJoint::BoltOn) {
            return;
        }
        $through = $s->joinery->plateThickness->mm + $s->bodyThickness()->mm - $s->joinery->pocketDepth->mm;
        $grip = $s->joinery->screwLength->mm - $through;
        $room = $s->joinery->heelThickness->mm - $s->board->boardThickness->mm;
        if ($grip > $room - 1.0) {
            $right = floor($through + $room - 2.0);
            yield Finding::stop('neck-screws', 'Neck screws reach the fretboard', 'They go '.Words::number($grip).' into a heel with '.Words::mm($room).' of timber under the board.', 'The point lifts the board or comes out between the frets.', 'screwLength', 'heelThickness', 'pocketDepth')
                ->mend('screws of '.Words::number($right, 0), $right - $through >= 8 ? ['screwLength' => Words::typed($right, 0)] : null);
        } elseif ($grip < 10.0) {
            $right = ceil($through + min(15.0, $room - 2.0));
            yield Finding::warn('neck-screws', 'Neck screws hold too little', Words::mm(max(0.0, $grip)).' in the neck; 12 to 18 is usual.', 'They strip out under the pull of the strings.', 'screwLength')
                ->mend('screws of '.Words::number($right, 0), $right - $through < $room - 1 ? ['screwLength' => Words::typed($right, 0)] : null);
        }
    }
}
