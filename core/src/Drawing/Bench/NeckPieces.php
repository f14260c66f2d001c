<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Units\Words;

/** The neck and its head, with what each operation on them needs. */
final readonly class NeckPieces
{
    private function __construct(private Workings $w)
    {
    }

    public static function blank(Workings $w): BenchDrawing
    {
        $neck = new self($w);
        $sketch = new Sketch;
        $from = -$w->specification->head->headLength->mm;
        $wide = max($w->board()->widthAt($neck->end()), $w->head()->width()) / 2;
        $frame = $neck->plan($sketch, 75.0, 'thin');
        $frame->box($from - 10, -$wide - 4, $neck->end() - $from + 20, 2 * $wide + 8)
            ->line($from - 24, 0.0, $neck->end() + 24, 0.0, 'hidden')
            ->dim($from, $wide, $neck->end(), $wide, 34.0, null, 'and what is cut off')
            ->mark('bow-and-twist', 'bow', $neck->end() / 2, 0.0)->mark('bow-and-twist', 'twist', $from + 20, 0.0);
        $sketch->words(new Point(16, 140), Frame::both(2 * $wide).' wide, '.Frame::both($w->head()->stockDepth()->value).' thick');

        return $sketch->titled('Neck blank');
    }

    public static function channel(Workings $w): BenchDrawing
    {
        $s = $w->specification;
        $neck = new self($w);
        $sketch = new Sketch;
        $rod = $w->neck()->rodEnds();
        $half = $s->neck->rodWidth->mm / 2;
        $wide = $w->board()->widthAt($rod->from) / 2;
        $plan = $neck->plan($sketch, 60.0)
            ->line(-12.0, 0.0, $neck->end() + 10, 0.0, 'hidden')
            ->dim($rod->from, -$wide, $rod->to, -$wide, -24.0)
            ->mark('off-the-centre-line', 'nut end, bass', $rod->from + 8, $wide)->mark('off-the-centre-line', 'nut end, treble', $rod->from + 8, -$wide)
            ->mark('off-the-centre-line', 'heel end, bass', $rod->to - 8, $wide + 4)->mark('off-the-centre-line', 'heel end, treble', $rod->to - 8, -$wide - 4)
            ->mark('depth-of-the-channel', 'nut end', $rod->from + 40, 0.0)->mark('depth-of-the-channel', 'middle', ($rod->from + $rod->to) / 2, 0.0)
            ->mark('depth-of-the-channel', 'heel end', $rod->to - 40, 0.0);
        foreach ($w->neck()->rodsAcross() as $middle) {
            $plan->hatched($rod->from, $middle - $half * 1.6, $rod->length(), $half * 3.2, 14.0);
        }
        $x = $w->fret(1);
        $across = $w->board()->widthAt($x);
        $deep = $s->neck->rodDepth->mm;
        $under = $w->neck()->leftUnderRod($x);
        $section = $neck->section($sketch, $x, 4.2, 128.0, false);
        foreach ($w->neck()->rodsAcross() as $middle) {
            $section->hatched($middle - $half, 0.0, 2 * $half, $deep, 2.4);
        }
        $first = $w->neck()->rodsAcross()[0];
        $section->dim($first - $half, 0.0, $first + $half, 0.0, -14.0, 2 * $half, 'wide')
            ->dim($across / 2, 0.0, $across / 2, $deep, -16.0, $deep, 'deep')
            ->dim($across / 2, $deep, $across / 2, $deep + $under->value, -16.0, $under->value, 'left');

        return $sketch->titled('Truss-rod channel');
    }

    public static function outline(Workings $w): BenchDrawing
    {
        $s = $w->specification;
        $neck = new self($w);
        $sketch = new Sketch;
        $nut = $s->board->nutWidth->mm;
        $heel = $s->joinery->heelWidth->mm;
        $neck->plan($sketch, 70.0)
            ->line(-$s->head->headLength->mm - 8, 0.0, $neck->end() + 8, 0.0, 'hidden')
            ->dim(0.0, $heel / 2, $neck->end(), $heel / 2, 40.0, $neck->end(), 'nut to heel')
            ->line(0.0, -$nut / 2 - 10, 0.0, $nut / 2 + 10, 'thin')->line($neck->end() - 2, -$heel / 2 - 10, $neck->end() - 2, $heel / 2 + 10, 'thin')
            ->mark('width-at-the-nut', '', 0.0, 0.0)->mark('width-at-the-heel', '', $neck->end() - 6, 0.0);
        $sketch->words(new Point(16, 30), 'nut '.Frame::both($nut).' wide')->words(new Point(Sketch::WIDTH - 12, 30), 'heel '.Frame::both($heel).' wide', 'end');

        return $sketch->titled('Neck outline');
    }

    public static function back(Workings $w): BenchDrawing
    {
        $sketch = new Sketch;
        $neck = new self($w);
        foreach (['first' => [1, 70.0], 'twelfth' => [12, 250.0]] as $where => [$fret, $down]) {
            $x = $w->fret($fret);
            $thick = $w->neck()->thicknessAt($x);
            $half = $w->board()->widthAt($x) / 2;
            $frame = $neck->section($sketch, $x, 4.4, $down - 34.0, true);
            $frame->dim($half, 0.0, $half, $thick, -14.0, $thick)
                ->dim(-$half, 0.0, $half, 0.0, -12.0, 2 * $half)
                ->words(-$half, $thick, "at the {$where}", 'start', 0.0, 12.0)
                ->mark($where === 'first' ? 'thickness-at-the-first-fret-board-included' : 'thickness-at-the-twelfth', '', 0.0, $thick * 0.55);
        }
        $sketch->words(new Point(16, 372), "profile {$w->specification->neck->profile->value}");

        return $sketch->titled('Across the neck');
    }

    public static function head(Workings $w): BenchDrawing
    {
        $head = $w->specification->head;
        $sketch = new Sketch;
        $long = $head->headLength->mm;
        $thick = $head->headThickness->mm;
        $frame = $sketch->across(-$long, 30.0, 60.0, 20.0, 20.0);
        $frame->closed([
            new Point(-$long, 0.0), new Point(0.0, 0.0), new Point(30.0, -6.0), new Point(30.0, 14.0), new Point(8.0, $thick + 3), new Point(-4.0, $thick), new Point(-$long, $thick),
        ], $w->specification->neck->neckTimber->colour)
            ->words(-$long, 0.0, Frame::both($thick).' thick', 'start', 0.0, -34.0)
            ->dim(-$long, $thick, 0.0, $thick, 26.0, $long)
            ->words(-$long / 2, 0.0, 'angle '.Words::number($w->head()->angle()).'°', 'start', 0.0, -14.0)
            ->mark('headstock-thickness', 'far end', -$long + 8, $thick / 2)->mark('headstock-thickness', 'nut end', -16.0, $thick / 2);
        if ($head->veneer->mm > 0) {
            $frame->line(-$long, $head->veneer->mm, 0.0, $head->veneer->mm, 'thin')
                ->words(-$long * 0.4, 0.0, 'veneer '.Frame::both($head->veneer->mm), 'start', 0.0, 90.0);
        }

        return $sketch->titled('Headstock from the side');
    }

    /** @param  list<Point>  $outline */
    private static function headpiece(Workings $w, Sketch $sketch, array $outline): BenchDrawing
    {
        $long = $w->specification->head->headLength->mm;
        $half = $w->specification->board->nutWidth->mm / 2;
        $frame = $sketch->enlarged(min(3.4, 84.0 / $half), 230.0, 110.0);
        $frame->closed($outline, $w->specification->neck->neckTimber->colour)->line(-$long - 10, 0.0, 20.0, 0.0, 'hidden');
        foreach ($w->strings() as $string) {
            $frame->line($string->nut->x, $string->nut->y, $string->post->x, $string->post->y, 'string');
        }
        $frame->dim(-$long, $half, 0.0, $half, 18.0, $long);
        $sketch->words(new Point(16, 236), count($w->strings()).' strings, clamped behind the nut');

        return $sketch->titled('Headpiece');
    }

    public static function tunerHoles(Workings $w): BenchDrawing
    {
        $s = $w->specification;
        $sketch = new Sketch;
        $outline = $w->head()->outline();
        if (! $s->head->headstock->hasPosts()) {
            return self::headpiece($w, $sketch, $outline);
        }
        $long = $s->head->headLength->mm;
        $frame = $sketch->across(-$long, 6.0, 84.0);
        $frame->closed($outline, $s->neck->neckTimber->colour)->line(-$long - 4, 0.0, 6.0, 0.0, 'hidden');
        $isSide = $s->head->tuners === TunerPlace::Side;
        $across = Polygon::of($outline);
        foreach ($w->strings() as $string) {
            $edge = $across->acrossAt($string->post->x);
            $isSide && $edge !== null
                ? $frame->line($string->post->x, $string->post->y, $string->post->x, $string->post->y < 0 ? $edge->from : $edge->to, 'hidden')
                : $frame->circle($string->post->x, $string->post->y, $s->head->tunerHole->mm / 2, 'paper');
        }
        $posts = array_map(static fn (Point $post): float => $post->x, $w->head()->posts);
        sort($posts);
        $low = max(array_map(static fn (Point $point): float => $point->y, $outline));
        $frame->dim(max($posts), $low, 0.0, $low, 20.0, -max($posts));
        if (count($posts) > 1) {
            $frame->dim(min($posts), -$low, max($posts), -$low, -18.0, max($posts) - min($posts), 'over all');
        }
        $sketch->words(new Point(16, 196), count($w->strings()).' holes of '.Frame::both($s->head->tunerHole->mm).($isSide ? ', from the side' : ', below to the nut'));

        return $sketch->titled('Tuner holes');
    }

    public static function plain(Workings $w): BenchDrawing
    {
        $sketch = new Sketch;
        (new self($w))->plan($sketch, 60.0);

        return $sketch->titled('Neck');
    }

    private function end(): float
    {
        $s = $this->w->specification;

        return $s->joinery->joint === NeckJoint::Through
            ? $this->w->body()->outline->along()->to
            : $this->w->body()->begins + $s->joinery->pocketLength->mm;
    }

    private function plan(Sketch $sketch, float $down, string $style = 'line'): Frame
    {
        $s = $this->w->specification;
        $end = $this->end();
        $heel = $s->joinery->heelWidth->mm / 2;
        $frame = $sketch->across(-$s->head->headLength->mm, $end, $down, 16.0, 40.0);

        return $frame->closed([...$this->w->head()->outline(), new Point($end, $heel), new Point($end, -$heel)], $s->neck->neckTimber->colour, $style);
    }

    /** Across the neck, its board above; without the board its flat is the zero line. */
    private function section(Sketch $sketch, float $x, float $times, float $down, bool $withBoard): Frame
    {
        $s = $this->w->specification;
        $board = $this->w->board();
        $half = $board->widthAt($x) / 2;
        $frame = $sketch->enlarged(min($times, 115.0 / $half), Sketch::WIDTH / 2 - 46.0, $down);
        $lower = $withBoard ? $board->thickness : 0.0;
        $frame->closed(array_map(static fn (Point $one): Point => $one->moved(0.0, $lower), $this->w->neck()->backAt($x)), $s->neck->neckTimber->colour);
        if ($withBoard) {
            $top = array_map(static fn (int $step): Point => new Point(-$half + $half * $step / 8, $board->dropAt($x, -$half + $half * $step / 8)), range(0, 16));
            $frame->closed([...$top, new Point($half, $lower), new Point(-$half, $lower)], $s->board->boardTimber->colour);
        }

        return $frame;
    }
}
