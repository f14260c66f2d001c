<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Fretboard\MarkerShape;

/** There is a fret for each marker. */
final class MarkerFrets implements Check
{
    public function judge(Workings $w): iterable
    {
        $board = $w->specification->board;
        $beyond = array_values(
            array_filter($board->markerFrets, static fn (int $fret): bool => $fret < 1 || $fret > $board->frets),
        );
        if ($beyond !== [] && $w->clientSays('markerFrets') && $board->markers !== MarkerShape::None) {
            $there = array_values(array_diff($board->markerFrets, $beyond));
            yield Finding::warn('marker-frets', 'Markers beyond the board')
                ->says('Fret '.implode(', ', $beyond)." of {$board->frets}.")
                ->because('There is no space between frets for them.')
                ->at('markerFrets', 'frets')
                ->fix('Mark only the frets that there are', ['markerFrets' => implode(' ', $there)]);
        }
    }
}
