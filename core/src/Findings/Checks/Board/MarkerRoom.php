<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Units\Words;

/** Markers fit between the crowns beside them. */
final class MarkerRoom implements Check
{
    public function judge(Workings $w): iterable
    {
        $board = $w->specification->board;
        $tightest = null;
        foreach ($w->markers()->places() as $place) {
            // Half a crown on each side.
            $room = $w->fret($place->fret) - $w->fret($place->fret - 1) - $board->crownWidth->mm;
            $tightest = $tightest === null || $room < $tightest[0] ? [$room, $place->fret] : $tightest;
        }
        if ($tightest === null || $board->markerDiameter->mm <= $tightest[0]) {
            return;
        }
        [$room, $fret] = $tightest;
        $size = Words::down($room * 2, 0) / 2;
        yield Finding::warn('marker-room', 'Markers too wide for their space')
            ->says(
                "At fret {$fret} ".Words::mm($room).' are free between the crowns, the marker is '
                .Words::mm($board->markerDiameter->mm).'.',
            )
            ->because('The marker would be cut by a slot or run under a fret.')
            ->at('markerDiameter')
            ->fixBy(
                $size >= 1.0
                    ? [['Take markers of '.Words::mm($size), ['markerDiameter' => Words::typed($size)]]]
                    : [['Leave the face markers out', ['markers' => MarkerShape::None->value]]],
            );
    }
}
