<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** The fretboard, with what each operation on it needs. */
final readonly class BoardPieces
{
    private function __construct(private Workings $w)
    {
    }

    public static function thickness(Workings $w): BenchDrawing
    {
        $board = $w->board();
        $sketch = new Sketch;
        (new self($w))->plan($sketch, 60.0);
        $wide = max($board->widthAt(0.0), $board->widthAt($board->length));
        $frame = $sketch->enlarged(min(3.6, 210.0 / $wide), 134.0, 140.0);
        $frame->box(-$wide / 2, 0.0, $wide, $board->thickness, $w->specification->board->boardTimber->colour)
            ->dim($wide / 2, 0.0, $wide / 2, $board->thickness, -14.0, $board->thickness, 'thick')
            ->dim(-$wide / 2, $board->thickness, $wide / 2, $board->thickness, 22.0, $wide, 'and more');

        return $sketch->titled('Board to thickness');
    }

    public static function slots(Workings $w): BenchDrawing
    {
        $s = $w->specification->board;
        $board = $w->board();
        $sketch = new Sketch;
        $one = new self($w);
        $twelfth = $w->fret(12);
        $wide = $board->widthAt($board->length) / 2;
        $one->plan($sketch, 60.0, true)
            ->dim(0.0, $wide, $twelfth, $wide, 24.0, $twelfth, 'to the twelfth')
            ->dim(0.0, $wide, $w->lastFret(), $wide, 52.0, $w->lastFret(), 'to the last')
            ->mark('nut-to-twelfth-fret', '', $twelfth, 0.0)
            ->mark('nut-to-twelfth-fret-treble-string', '', $twelfth, $w->spread()->at(0, $twelfth))
            ->mark('nut-to-twelfth-fret-bass-string', '', $twelfth, $w->spread()->at($w->specification->brief->strings - 1, $twelfth));
        $frame = $sketch->enlarged(10.0, 90.0, 168.0);
        $frame->box(-6.0, 0.0, 14.0, $board->thickness, $s->boardTimber->colour)
            ->box(-$s->slotWidth->mm / 2, 0.0, $s->slotWidth->mm, $s->slotDepth->mm, 'paper')
            ->dim(8.0, 0.0, 8.0, $s->slotDepth->mm, -16.0, $s->slotDepth->mm, 'deep', 2)
            ->words(8.0, $board->thickness, 'saw '.Words::number($s->slotWidth->mm, 2).' mm wide', 'start', 16.0, 0.0);

        return $sketch->titled('Fret slots');
    }

    public static function taper(Workings $w): BenchDrawing
    {
        $board = $w->board();
        $sketch = new Sketch;
        $nut = $board->widthAt(0.0);
        $last = $board->widthAt($board->length);
        (new self($w))->plan($sketch, 66.0)
            ->line(-10.0, 0.0, $board->length + 10, 0.0, 'hidden')
            ->line(0.0, -$nut / 2 - 10, 0.0, $nut / 2 + 10, 'thin')->line($board->length, -$last / 2 - 10, $board->length, $last / 2 + 10, 'thin')
            ->dim(0.0, $last / 2, $board->length, $last / 2, 28.0, $board->length);

        $sketch->words(new Point(16, 26), 'nut '.Frame::both($nut).' wide')->words(new Point(Sketch::WIDTH - 12, 26), 'end '.Frame::both($last).' wide', 'end');

        return $sketch->titled('Taper and end');
    }

    public static function radius(Workings $w): BenchDrawing
    {
        $sketch = new Sketch;
        $board = $w->board();
        $one = new self($w);
        foreach (['first' => [$w->fret(1), 40.0], 'twelfth' => [$w->fret(12), 120.0], 'last' => [$w->lastFret(), 200.0]] as $where => [$x, $down]) {
            $half = $board->widthAt($x) / 2;
            $frame = $one->across($sketch, $x, $down);
            $frame->dim($half, $board->dropAt($x, $half), $half, $board->thickness, -12.0, $board->thickness - $board->dropAt($x, $half), 'edge')
                ->words(-$half, 0.0, "at the {$where}: R ".Frame::both($board->radiusAt($x), 0), 'start', 0.0, -14.0)
                ->mark('light-under-the-gauge', $where, 0.0, $board->thickness / 2);
        }

        return $sketch->titled('Radius');
    }

    public static function markers(Workings $w): BenchDrawing
    {
        $s = $w->specification->board;
        $sketch = new Sketch;
        $frame = (new self($w))->plan($sketch, 60.0, true);
        foreach ($w->markers()->places() as $place) {
            $frame->circle($place->along, $place->across, max(4.0, $w->markers()->halfAcross($place->along)), 'paper', 'thin');
        }
        $sketch->words(new Point(16, 124), "{$s->markers->value} of ".Frame::both($s->markerDiameter->mm).', '.Words::number($s->markerThickness->mm).' mm thick');
        $sketch->words(new Point(16, 146), 'at frets '.implode(', ', array_map(strval(...), $s->markerFrets)));

        return $sketch->titled('Markers');
    }

    public static function frets(Workings $w): BenchDrawing
    {
        $s = $w->specification->board;
        $sketch = new Sketch;
        (new self($w))->plan($sketch, 60.0, true)->mark('a-fret-rocks', '', $w->fret(5), 0.0);
        $frame = $sketch->enlarged(14.0, 110.0, 176.0);
        $half = $s->crownWidth->mm / 2;
        $crown = array_map(static fn (int $step): Point => new Point(-$half * cos(M_PI * $step / 12), -$s->crownHeight->mm * sin(M_PI * $step / 12)), range(0, 12));
        $frame->box(-6.0, 0.0, 12.0, $w->board()->thickness, $s->boardTimber->colour)
            ->box(-$s->slotWidth->mm / 2, 0.0, $s->slotWidth->mm, $s->tangDepth->mm, 'paper')
            ->closed($crown, 'paper')
            ->dim($half, -$s->crownHeight->mm, $half, 0.0, -70.0, $s->crownHeight->mm, 'crown', 2)
            ->dim(-$half, 0.0, $half, 0.0, -36.0, $s->crownWidth->mm, 'wide', 2);

        return $sketch->titled('Frets');
    }

    public static function nut(Workings $w): BenchDrawing
    {
        $sketch = new Sketch;
        $strings = $w->strings();
        $width = $w->specification->board->nutWidth->mm;
        $frame = $sketch->across(-$width / 2, $width / 2, 80.0, 24.0, 24.0);
        $frame->box(-$width / 2, 0.0, $width, 8.0, 'paper');
        foreach ($strings as $string) {
            $frame->circle($string->nut->y, 0.0, max(0.35, $string->gauge->diameter->mm / 2), 'ink');
        }
        [$treble, $bass] = [$strings[0], $strings[count($strings) - 1]];
        $brief = $w->specification->brief;
        $ends = [[$treble->nut->y, $brief->actionTreble->mm], [$bass->nut->y, $brief->actionBass->mm]];
        usort($ends, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($ends as $at => [$x, $action]) {
            $over = Words::number($w->bridge()->overFirstFret($action)->value, 2).' over the first';
            $frame->words($x, 0.0, $over, $at === 0 ? 'start' : 'end', $at === 0 ? -20.0 : 20.0, $at === 0 ? -30.0 : -50.0);
        }
        $frame->dim($ends[0][0], 8.0, $ends[1][0], 8.0, 26.0, abs($bass->nut->y - $treble->nut->y), 'outer strings')
            ->mark('string-over-the-first-fret-treble', '', $treble->nut->y, 4.0)->mark('string-over-the-first-fret-bass', '', $bass->nut->y, 4.0);

        return $sketch->titled('Nut');
    }

    /** As it lies on the bench, with the slot that is off its place, or filled and sawn again. */
    public static function plain(Workings $w, ?int $spoiled = null, bool $isMended = false): BenchDrawing
    {
        $sketch = new Sketch;
        $frame = (new self($w))->plan($sketch, 60.0, true);
        if ($spoiled !== null && $spoiled <= $w->specification->board->frets) {
            $x = $w->fret($spoiled);
            $half = $w->board()->widthAt($x) / 2;
            $isMended
                ? $frame->box($x + 1.0, -$half, 3.0, 2 * $half, 'ink', 'thin')->line($x, -$half, $x, $half, 'fret')
                : $frame->box($x - 1.5, -$half - 3, 3.0, 2 * $half + 6, 'rust', 'thin');
        }

        return $sketch->titled('Fretboard');
    }

    private function plan(Sketch $sketch, float $down, bool $slots = false): Frame
    {
        $board = $this->w->board();
        $lines = $this->w->lines();
        $frame = $sketch->across(0.0, $board->length, $down, 40.0, 40.0);
        $frame->closed($lines->outline(), $this->w->specification->board->boardTimber->colour);
        for ($fret = 1; $slots && $fret <= $this->w->specification->board->frets; $fret++) {
            [$from, $to] = $lines->at($fret);
            $frame->line($from->x, $from->y, $to->x, $to->y, 'fret');
        }

        return $frame;
    }

    private function across(Sketch $sketch, float $x, float $down): Frame
    {
        $board = $this->w->board();
        $half = $board->widthAt($x) / 2;
        $frame = $sketch->enlarged(min(3.6, 105.0 / $half), Sketch::WIDTH / 2 - 50.0, $down);
        $top = array_map(static fn (int $step): Point => new Point(-$half + $half * $step / 8, $board->dropAt($x, -$half + $half * $step / 8)), range(0, 16));

        return $frame->closed([...$top, new Point($half, $board->thickness), new Point(-$half, $board->thickness)], $this->w->specification->board->boardTimber->colour);
    }
}
