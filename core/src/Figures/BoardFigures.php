<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Instrument\Shape\FretWire;
use Regimen\Units\Words;

/** G1 to G8. */
final class BoardFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        yield from $this->frets($workings);
        yield from $this->shape($workings);
        yield from $this->markers($workings);
        $wire = FretWire::length($workings->specification)->mm;
        $places = $workings->specification->board->frets + ($workings->specification->board->zeroFret ? 1 : 0);
        yield Figure::mm(
            'fretWire', 'Fret wire', $wire, 'G8',
            "{$places} × (arc across the board + 2 × 2.0), and one spare in ten = "
                .Words::mm(FretWire::needed($workings->specification)->mm, 0).', sold by '
                .Words::mm(FretWire::SOLD_MM, 0),
            'board', 0,
        );
    }

    /** @return iterable<Figure> */
    private function frets(Workings $w): iterable
    {
        $scale = $w->specification->board->scale->mm;
        $fret = static fn (string $key, string $name, int $number, string $group): Figure => Figure::mm(
            $key, $name, $w->fret($number), 'G1',
            Words::number($scale, 2)." × (1 − 2^(−{$number}/12)) = ".Words::mm($w->fret($number), 3), $group,
            $group === '' ? 3 : 1,
        );
        yield $fret('twelfth', 'Nut to twelfth', 12, 'board');
        yield $fret('lastFret', 'Nut to last fret', $w->specification->board->frets, 'board');
        for ($number = 1; $number <= $w->specification->board->frets; $number++) {
            yield $fret("fret.{$number}", "Nut to fret {$number}", $number, '');
        }
    }

    /** @return iterable<Figure> */
    private function shape(Workings $w): iterable
    {
        $board = $w->board();
        $x = $w->fret(12);
        $nut = $w->specification->board->nutWidth->mm;
        $last = $w->specification->board->lastWidth->mm;
        yield Figure::mm(
            'widthTwelfth', 'Width at twelfth', $board->widthAt($x), 'G2',
            Words::number($nut).' + ('.Words::number($last).' − '.Words::number($nut).') × '.Words::number($x).' / '
                .Words::number($w->lastFret()).' = '.Words::mm($board->widthAt($x), 2),
            'board',
        );
        foreach (['nut' => 0.0, 'last' => $w->lastFret()] as $key => $at) {
            $radius = $board->radiusAt($at);
            $half = $board->widthAt($at) / 2;
            $drop = $board->dropAt($at, $half);
            $where = $key === 'nut' ? 'the nut' : 'the last fret';
            yield Figure::mm(
                "drop.{$key}", "Radius takes at {$where}’s edge", $drop, 'G3',
                'R − √(R² − y²) with R '.Words::number($radius).' and y '.Words::number($half).' = '
                    .Words::mm($drop, 3),
                'board', 2,
            );
            yield Figure::mm(
                "edgeLeft.{$key}", "Left under the slot’s end at {$where}", $board->edgeLeft($at), 'G5',
                Words::number($board->thickness).' − '.Words::number($drop, 2).' − '
                    .Words::number($board->slotAtEdge($at), 2).' = '.Words::mm($board->edgeLeft($at), 2)
                    .(
                        $board->slotAtEdge($at) === $board->slotDepth
                            ? ''
                            : '; sawn '.Words::number($board->slotDepth, 2).' deep from the flat'
                    ),
                'board', 2,
            );
        }
        if ($w->specification->board->radiusEnd->mm !== $w->specification->board->radius->mm) {
            yield Figure::mm(
                'radiusTwelfth', 'Radius at twelfth', $board->radiusAt($x), 'G4',
                'from '.Words::number($w->specification->board->radius->mm).' at the nut to '
                    .Words::number($w->specification->board->radiusEnd->mm).' at the board’s end, in a straight line',
                'board',
            );
        }
    }

    /** @return iterable<Figure> */
    private function markers(Workings $w): iterable
    {
        $markers = $w->markers();
        foreach ($markers->places() as ['fret' => $fret, 'x' => $x, 'y' => $y]) {
            if ($y > 0) {
                continue;
            }
            yield Figure::mm(
                "marker.{$fret}", "Marker at {$fret}, from the nut", $x, 'G7',
                'midway between fret '.($fret - 1).' at '.Words::number($w->fret($fret - 1), 2)." and {$fret} at "
                    .Words::number($w->fret($fret), 2),
                '', 2,
            );
            if ($fret === 12) {
                $outer = abs($y) + $markers->halfAcross($x);
                yield Figure::mm(
                    'markerLost', 'Radius takes from the octave markers', $markers->lost($x, $y), 'G6',
                    'R − √(R² − y²) with R '.Words::number($w->board()->radiusAt($x)).' and y '.Words::number($outer)
                        .' = '.Words::mm($markers->lost($x, $y), 3),
                    'board', 2,
                );
                yield Figure::mm(
                    'markerLeft', 'Left of them at the outer edge', $markers->left($x, $y), 'G6',
                    'hole '.Words::number($w->specification->board->markerDepth->mm, 2).' − what the radius takes, '
                        .Words::number($markers->lost($x, $y), 2).' = '.Words::mm($markers->left($x, $y), 2),
                    'board', 2,
                );
            }
        }
    }
}
