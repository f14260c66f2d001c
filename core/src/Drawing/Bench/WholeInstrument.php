<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** What is done to the whole instrument: finish, assembly, strings. */
final class WholeInstrument
{
    public static function plain(Workings $w): BenchDrawing
    {
        $sketch = new Sketch;
        self::front($w, $sketch, 100.0);
        $finish = $w->specification->finishing;
        $colour = trim("{$finish->finish->words()} {$finish->colour}");

        return $sketch->words(new Point(16, 216), "finish: {$colour}")->titled('The instrument');
    }

    public static function strings(Workings $w): BenchDrawing
    {
        $brief = $w->specification->brief;
        $scale = $w->specification->middleScale()->mm;
        $sketch = new Sketch;
        self::front($w, $sketch, 74.0);
        $frame = $sketch->across(0.0, $scale, 190.0, 20.0, 50.0);
        $high = 9.0;
        $frame->line(0.0, 0.0, $scale, -26.0, 'solid')->line(0.0, 4.0, $w->lastFret(), 4.0);
        foreach ([1, 12] as $fret) {
            $x = $w->fret($fret);
            $frame->line($x, 4.0, $x, -$high * ($fret === 1 ? 0.6 : 2.2), 'dimension');
        }
        $sketch->words(new Point(16, 226), 'at the twelfth: treble '.Words::number($brief->actionTreble->mm, 2).', bass '.Words::number($brief->actionBass->mm, 2).' mm')
            ->words(new Point(16, 246), 'relief '.Words::number($brief->relief->mm, 2).' mm')
            ->mark('action-at-the-twelfth-treble', '', $frame->at($w->fret(12), -8.0))->mark('action-at-the-twelfth-bass', '', $frame->at($w->fret(12) + 40, -8.0))
            ->mark('relief', '', $frame->at($w->fret(7), 4.0));

        return $sketch->titled('Strings');
    }

    private static function front(Workings $w, Sketch $sketch, float $down): void
    {
        $s = $w->specification;
        $outline = $w->body()->outline;
        $board = $w->board();
        $half = $outline->across()->length() / 2;
        $from = -$s->head->headLength->mm;
        $to = $outline->along()->to;
        $times = min(328.0 / ($to - $from), ($down - 8.0) / $half);
        $frame = $sketch->enlarged($times, 16.0 - $times * $from, $down);
        $end = $w->body()->begins;
        $wide = $board->widthAt($end) / 2;
        $frame->closed($outline->simplified(0.8)->points, $s->bodywork->layers[0]->timber->colour)
            ->closed([...$w->head()->outline(), new Point($end, $wide), new Point($end, -$wide)], $s->neck->neckTimber->colour)
            ->closed($w->lines()->outline(), $s->board->boardTimber->colour, 'thin');
        foreach ($w->strings() as $string) {
            $frame->line($string->nut->x, $string->nut->y, $string->saddle->x, $string->saddle->y, 'string');
        }
    }
}
