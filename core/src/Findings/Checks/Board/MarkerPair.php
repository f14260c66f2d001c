<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Shape\MarkerPlace;
use Regimen\Units\Words;

/** Pairs of markers lie on the board and beside each other (G6, G7). */
final class MarkerPair implements Check
{
    private const EDGE = 1.0;

    public function judge(Workings $w): iterable
    {
        if ($w->specification->board->markers !== MarkerShape::Dot) {
            return;
        }
        $offset = $w->specification->board->markerOffset->mm;
        $half = $w->specification->board->markerDiameter->mm / 2;
        foreach ($w->markers()->places() as $place) {
            $left = $w->board()->widthAt($place->along) / 2 - abs($place->across) - $half;
            if ($place->across > 0.0 && $left < self::EDGE) {
                yield $this->markerPair($left, $place->fret);

                return;
            }
        }
        $pairs = array_filter($w->markers()->places(), static fn (MarkerPlace $place): bool => $place->fret % 12 === 0);
        if ($pairs !== [] && 2 * $offset < 2 * $half + 1.0) {
            yield $this->markerTouch($offset, $half);
        }
    }

    private function markerPair(float $left, int $fret): Finding
    {
        return Finding::when($left < 0.0, 'marker-pair', 'A pair of markers off the board')
            ->says("At fret {$fret} ".Words::mm($left).' of board stay beside them.')
            ->because('The bit comes out at the edge.')
            ->at('markerOffset', 'markerDiameter')
            ->fixBy(
                [
                    ['Put the pair a quarter of the width off the centre', ['markerOffset' => '']],
                    [
                        'Put the pair a quarter of the width off the centre, with markers of 3 mm',
                        ['markerOffset' => '', 'markerDiameter' => '3 mm'],
                    ],
                    ['Leave the face markers out', ['markers' => MarkerShape::None->value]],
                ],
            );
    }

    private function markerTouch(float $offset, float $half): Finding
    {
        return Finding::warn('marker-touch', 'The two markers of a pair touch')
            ->says(Words::mm(2 * $offset).' from centre to centre, '.Words::mm(2 * $half).' across.')
            ->because('Their holes run into each other.')
            ->at('markerOffset')
            ->fixBy(
                [
                    ['Put the pair a quarter of the width off the centre', ['markerOffset' => '']],
                    [
                        'Put the pair a quarter of the width off the centre, with markers of 3 mm',
                        ['markerOffset' => '', 'markerDiameter' => '3 mm'],
                    ],
                    [
                        Words::number(2 * $half + 2.0).' from centre to centre',
                        ['markerOffset' => Words::typed($half + 1.0)],
                    ],
                    ['Leave the face markers out', ['markers' => MarkerShape::None->value]],
                ],
            );
    }
}
