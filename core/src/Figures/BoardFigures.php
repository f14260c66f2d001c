<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Instrument\Shape\FretWire;
use Regimen\Units\Term;
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
        $scale = $w->specification->middleScale()->mm;
        $fret = static function (string $key, string $name, int $number, string $group) use ($scale): Figure {
            $left = Term::of(1, 0)->minus(Term::worded(2 ** (-$number / 12), "2^(−{$number}/12)"));
            $place = Term::of($scale, 2)->times($left, '×');

            return Figure::worked($key, $name, $place, 'G1', $group, $group === '' ? 3 : 1, 3);
        };
        yield from $this->fan($w);
        yield $fret('twelfth', 'Nut to twelfth', 12, 'board');
        yield $fret('lastFret', 'Nut to last fret', $w->specification->board->frets, 'board');
        for ($number = 1; $number <= $w->specification->board->frets; $number++) {
            yield $fret("fret.{$number}", "Nut to fret {$number}", $number, '');
        }
    }

    /** @return iterable<Figure> where each string has a scale of its own (F1) */
    private function fan(Workings $w): iterable
    {
        $fan = $w->specification->fan();
        if ($fan === null) {
            return;
        }
        $lines = $w->lines();
        $square = $fan->square === 0 ? 'the nut' : "fret {$fan->square}";
        yield Figure::mm('middleScale', 'Scale midway between the outer strings', $w->specification->middleScale()->mm, 'F1', 'half of treble '.Words::mm($fan->treble->mm).' and bass '.Words::mm($fan->bass->mm).'; nut to twelfth and last fret are told there', 'board', 2);
        foreach ([['nutAngle', 'Nut out of square', 0], ['lastAngle', 'Last fret out of square', $w->specification->board->frets]] as [$key, $name, $number]) {
            yield Figure::of($key, $name, $lines->angle($number), '°', 'F1', "{$square} stands square; above zero its bass end is nearer to the bridge", 'board', 2);
        }
        yield Figure::of('bridgeAngle', 'Line of the saddles out of square', $lines->bridgeAngle(), '°', 'F1', "{$square} stands square, compensation aside", 'bridge', 2);
        $last = $w->specification->brief->strings - 1;
        for ($number = 1; $number <= $w->specification->board->frets; $number++) {
            foreach (['Treble' => 0, 'Bass' => $last] as $side => $string) {
                $name = 'Nut to fret '.$number.', '.lcfirst($side).' string';
                yield Figure::worked("fret{$side}.{$number}", $name, Term::of($w->spread()->scaleOf($string), 2)->times(Term::of(1, 0)->minus(Term::worded(2 ** (-$number / 12), "2^(−{$number}/12)")), '×'), 'F1', '', 3, 3);
            }
            yield Figure::of("fretAngle.{$number}", "Fret {$number} out of square", $lines->angle($number), '°', 'F1', "{$square} stands square", '', 2);
        }
    }

    /** @return iterable<Figure> */
    private function shape(Workings $w): iterable
    {
        $board = $w->board();
        $x = $w->fret(12);
        $nut = $w->specification->board->nutWidth->mm;
        $last = $w->specification->board->lastWidth->mm;
        $widens = Term::of($last)->minus(Term::of($nut));
        $width = Term::of($nut)->plus($widens->times(Term::of($x), '×')->over(Term::of($w->lastFret())));
        yield Figure::worked('widthTwelfth', 'Width at twelfth', $width, 'G2', 'board', 1, 2);
        foreach (['nut' => 0.0, 'last' => $w->lastFret()] as $key => $at) {
            $radius = $board->radiusAt($at);
            $half = $board->widthAt($at) / 2;
            $drop = $board->dropAt($at, $half);
            $where = $key === 'nut' ? 'the nut' : 'the last fret';
            $taken = self::taken($drop, $radius, $half);
            yield Figure::worked("drop.{$key}", "Radius takes at {$where}’s edge", $taken, 'G3', 'board', 2, 3);
            $sawn = $board->slotAtEdge($at) === $board->slotDepth
                ? ''
                : '; sawn '.Words::number($board->slotDepth, 2).' deep from the flat';
            yield Figure::worked(
                "edgeLeft.{$key}", "Left under the slot’s end at {$where}", $board->edgeLeft($at), 'G5', 'board', 2, 2,
                after: $sawn,
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
        foreach ($markers->places() as $place) {
            if ($place->across > 0) {
                continue;
            }
            yield Figure::worked(
                "marker.{$place->fret}", "Marker at {$place->fret}, from the nut", $markers->along($place->fret), 'G7',
                '', 2,
            );
            if ($place->fret === 12) {
                $outer = abs($place->across) + $markers->halfAcross($place->along);
                $taken = self::taken($markers->lost($place), $w->board()->radiusAt($place->along), $outer);
                yield Figure::worked('markerLost', 'Radius takes from the octave markers', $taken, 'G6', 'board', 2, 3);
                $left = $markers->left($place);
                yield Figure::worked('markerLeft', 'Left of them at the outer edge', $left, 'G6', 'board', 2, 2);
            }
        }
    }

    /** G3: what a surface of a radius has fallen off its middle. */
    private static function taken(float $drop, float $radius, float $y): Term
    {
        $words = 'R − √(R² − y²) with R '.Words::number($radius).' and y '.Words::number($y);

        return Term::worded($drop, $words);
    }
}
