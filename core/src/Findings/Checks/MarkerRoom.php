<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Markers fit between their frets, and there is a fret for each. */
final class MarkerRoom implements Check
{
    public function judge(Workings $w): iterable
    {
        $board = $w->specification->board;
        foreach ($w->markers()->places() as $place) {
            $room = $w->fret($place['fret']) - $w->fret($place['fret'] - 1) - 2 * $board->crownWidth->mm;
            if ($board->markerDiameter->mm > $room) {
                yield Finding::warn('marker-room', 'Markers too wide for their space', 'At fret '.$place['fret'].' '.Words::mm($room).' are free between the crowns, the marker is '.Words::mm($board->markerDiameter->mm).'.', 'The marker would be cut by a slot or run under a fret.', 'markerDiameter')
                    ->mend('markers of '.Words::number(floor($room * 2) / 2), $room > 2 ? ['markerDiameter' => Words::typed(floor($room * 2) / 2)] : null);

                return;
            }
        }
    }
}
