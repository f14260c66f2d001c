<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Fretboard\Fretboard;
use Regimen\Units\Words;

/** Markers left after the radius, and none sunk (G6). */
final class MarkerDepth implements Check
{
    public function judge(Workings $w): iterable
    {
        $board = $w->specification->board;
        $worst = null;
        $sunk = -INF;
        foreach ($w->markers()->places() as $place) {
            $left = $w->markers()->left($place)->value;
            $worst = $worst === null || $left < $worst[0]
                ? [$left, $place->fret, $w->markers()->lost($place)]
                : $worst;
            $sunk = max($sunk, $w->markers()->sunk($place));
        }
        if ($worst === null) {
            return;
        }
        [$left, $fret, $lost] = $worst;
        $radius = $w->board()->radiusAt($w->fret(12));
        $nearer = floor(
            10 * (
                sqrt(
                    max(0.0, $radius ** 2 - ($radius - max(0.0, $board->markerDepth->mm - 0.82)) ** 2),
                ) - $board->markerDiameter->mm / 2
            ),
        ) / 10;
        $thick = ceil(10 * ($lost + 0.85)) / 10;
        if ($left < 0.8) {
            yield $this->markerDepth($left, $fret, $lost, $thick, $nearer, $board);
        }
        if ($sunk > 0.02) {
            yield $this->markerSunk($sunk, $thick);
        }
    }

    private function markerDepth(
        float $left,
        int $fret,
        float $lost,
        float $thick,
        float $nearer,
        Fretboard $board,
    ): Finding {
        return Finding::when($left < 0.3, 'marker-depth', 'Markers that the radius takes')
            ->says(
                Words::mm($left, 2)." stay at the outer edge at fret {$fret}, which loses ".Words::number($lost, 2)
                .'; 0.8 should.',
            )
            ->because('A thin edge shows through, or is sanded away.')
            ->at('markerDepth', 'markerThickness', 'markerOffset')
            ->fixBy([
                [
                    'Take markers '.Words::mm($thick).' thick and drill as deep',
                    ['markerThickness' => Words::typed($thick), 'markerDepth' => ''],
                ],
                [
                    'Take markers of 3 mm, '.Words::mm($thick).' thick',
                    ['markerDiameter' => '3 mm', 'markerThickness' => Words::typed($thick), 'markerDepth' => ''],
                ],
                ['Leave the face markers out', ['markers' => 'none']],
            ])
            ->fix(
                'Put the pair '.Words::mm($nearer).' off the centre',
                $fret % 12 === 0 && $nearer > $board->markerDiameter->mm
                    ? ['markerOffset' => Words::typed($nearer)]
                    : null,
            );
    }

    private function markerSunk(float $sunk, float $thick): Finding
    {
        return Finding::warn('marker-sunk', 'Markers below the surface')
            ->says('Their tops lie '.Words::mm($sunk, 2).' under the finished surface at the inner edge.')
            ->because('A dip stays that has to be filled.')
            ->at('markerDepth', 'markerThickness')
            ->fixBy(
                [
                    ['Drill as deep as the markers are thick', ['markerDepth' => '']],
                    [
                        'Take markers '.Words::mm($thick).' thick and drill as deep',
                        ['markerThickness' => Words::typed($thick), 'markerDepth' => ''],
                    ],
                    ['Leave the face markers out', ['markers' => 'none']],
                ],
            );
    }
}
