<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Units\Words;

/** The body, with what each operation on it needs. */
final readonly class BodyPieces
{
    private function __construct(private Workings $w)
    {
    }

    public static function blank(Workings $w): BenchDrawing
    {
        $sketch = new Sketch;
        $frame = (new self($w))->plan($sketch, 'thin');
        [$along, $across] = [$w->body()->outline->along(), $w->body()->outline->across()];
        $frame->box($along->from - 8, $across->from - 8, $along->length() + 16, $across->length() + 16)
            ->line($along->from - 14, 0.0, $along->to + 14, 0.0, 'hidden')
            ->dim($along->from, $across->to + 8, $along->to, $across->to + 8, 22.0, $along->length(), 'and more', 0)
            ->dim($along->to + 8, $across->from, $along->to + 8, $across->to, -14.0, $across->length(), '', 0);
        self::under($sketch, $frame, $across->to, 48.0, 'thickness '.Frame::both($w->specification->bodyThickness()->mm));

        return $sketch->titled('Body blank');
    }

    public static function outline(Workings $w): BenchDrawing
    {
        $sketch = new Sketch;
        $one = new self($w);
        [$along, $across] = [$w->body()->outline->along(), $w->body()->outline->across()];
        $frame = $one->plan($sketch);
        $frame
            ->line($along->from - 8, 0.0, $along->to + 8, 0.0, 'hidden')
            ->dim($along->from, $across->to, $along->to, $across->to, 26.0, $along->length(), '', 0)
            ->dim($along->to, $across->from, $along->to, $across->to, -14.0, $across->length(), '', 0);
        self::under($sketch, $frame, $across->to, 50.0, 'saw 3 mm outside the line', 'thickness '.Frame::both($w->specification->bodyThickness()->mm));

        return $sketch->titled('Body outline');
    }

    public static function plain(Workings $w): BenchDrawing
    {
        $sketch = new Sketch;
        (new self($w))->plan($sketch);

        return $sketch->titled('Body');
    }

    public static function cavities(Workings $w): BenchDrawing
    {
        $s = $w->specification;
        $sketch = new Sketch;
        $frame = (new self($w))->plan($sketch);
        $thick = $s->bodyThickness()->mm;
        $words = [];
        foreach ($s->electrics->pickups as $pickup) {
            if ($pickup->kind === PickupKind::Piezo) {
                continue;
            }
            $middle = $s->middleScale()->mm - $pickup->positionMm();
            $half = $w->spread()->spreadAt($middle) / 2 + 8.0;
            $frame->box($middle - $pickup->kind->lengthMm() / 2, -$half, $pickup->kind->lengthMm(), 2 * $half, 'paper')
                ->mark(self::key("pickup cavity, {$pickup->place}"), '', $middle, 0.0)->mark('timber-left-under-each', "pickup cavity, {$pickup->place}", $middle, $half * 1.3);
            $words[] = "{$pickup->place}: ".Frame::both($pickup->depth->mm).' deep, '.Words::number($thick - $pickup->depth->mm).' left';
        }
        $sign = $s->brief->hand === Hand::Left ? -1.0 : 1.0;
        foreach ($s->bodywork->cavities as $cavity) {
            $x = $s->middleScale()->mm + $cavity->behind->mm;
            $y = $sign * $cavity->across->mm;
            $frame->box($x - $cavity->length->mm / 2, $y - $cavity->width->mm / 2, $cavity->length->mm, $cavity->width->mm, 'paper')
                ->mark(self::key("cavity for {$cavity->kind->words()}"), '', $x, $y)
                ->mark('timber-left-under-each', "cavity for {$cavity->kind->words()}", $x, $y + $cavity->width->mm * 0.75);
            $words[] = "{$cavity->kind->words()}: ".Frame::both($cavity->depth->mm).' deep, '.Words::number($thick - $cavity->depth->mm).' left';
        }

        self::under($sketch, $frame, $w->body()->outline->across()->to, 22.0, ...$words);

        return $sketch->titled('Cavities');
    }

    public static function pocket(Workings $w): BenchDrawing
    {
        $s = $w->specification->joinery;
        $sketch = new Sketch;
        $begins = $w->body()->begins;
        $end = $begins + $s->pocketLength->mm;
        [$along, $across] = [$w->body()->outline->along(), $w->body()->outline->across()];
        $half = $s->pocketWidth->mm / 2;
        $frame = (new self($w))->plan($sketch);
        $frame->box($along->from, -$half, $end - $along->from, 2 * $half, 'paper')
            ->box($begins - 60.0, -$s->heelWidth->mm / 2, $end - $begins + 60.0, $s->heelWidth->mm, $w->specification->neck->neckTimber->colour, 'thin')
            ->line($begins - 70.0, 0.0, $along->to + 8, 0.0, 'hidden')
            ->mark('pocket-gap-each-side', 'treble', ($begins + $end) / 2, -$half)->mark('pocket-gap-each-side', 'bass', ($begins + $end) / 2, $half)
            ->mark('pocket-depth', '', $end - 6.0, 0.0)
            ->mark(self::CENTRE, 'pocket, treble', $end - 4.0, -$half - 34)->mark(self::CENTRE, 'pocket, bass', $end - 4.0, $half + 34)
            ->mark(self::CENTRE, 'far end, treble', $along->to - 26, $across->from * 0.42)->mark(self::CENTRE, 'far end, bass', $along->to - 26, $across->to * 0.42);
        self::under(
            $sketch, $frame, $across->to, 22.0, Frame::both($s->pocketWidth->mm).' wide, '.Frame::both($s->pocketLength->mm).' long',
            Frame::both($s->pocketDepth->mm).' deep, '.Words::number($w->specification->bodyThickness()->mm - $s->pocketDepth->mm).' left under it',
            'neck angle '.Words::number($s->neckAngle, 2).'°',
        );

        return $sketch->titled('Neck pocket');
    }

    private const CENTRE = 'centre-line-difference-at-both-edges-and-the-far-end';

    public static function bridge(Workings $w): BenchDrawing
    {
        $s = $w->specification;
        $sketch = new Sketch;
        $strings = $w->strings();
        $half = $s->bridgeSpan() / 2;
        $scale = $s->middleScale()->mm;
        $across = $w->body()->outline->across();
        $frame = (new self($w))->plan($sketch);
        foreach (['treble' => $strings[0], 'bass' => $strings[count($strings) - 1]] as $side => $string) {
            $frame->circle($string->saddle->x, $string->saddle->y, 2.5, 'ink')
                ->mark("nut-to-saddle-line-{$side}", '', $string->saddle->x, $string->saddle->y);
        }
        [$from, $to] = $w->lines()->scaleLine($half);
        $frame->line($from->x, $from->y, $to->x, $to->y, 'hidden')->line($w->body()->begins, 0.0, $w->body()->outline->along()->to, 0.0, 'hidden');
        $isSingle = $s->bridgework->bridge === BridgeKind::Single;
        foreach ($isSingle ? $strings : [] as $string) {
            $frame->box($string->saddle->x - 6.0, $string->saddle->y - $s->bridgework->singleWidth->mm / 2, $s->bridgework->singleLength->mm, $s->bridgework->singleWidth->mm, 'paper')
                ->mark('depth-of-a-recess', (string) $string->number, $string->saddle->x + $s->bridgework->singleLength->mm / 2, $string->saddle->y);
        }
        foreach ($isSingle ? [] : [-1, 1] as $side) {
            $frame->circle($scale + $s->bridgework->mountingOffset->mm, $side * $half, 3.0, 'paper');
        }
        self::under(
            $sketch, $frame, $across->to, 22.0, 'nut to saddle, treble: '.Frame::both($strings[0]->saddle->x),
            'bass: '.Frame::both($strings[count($strings) - 1]->saddle->x), $isSingle ? 'one for each string, let in by '.Words::number($s->bridgework->bridgeRecess->mm).' mm' : 'posts or screws: '.Frame::both(2 * $half).' apart', 'from the fitted neck, not from the outline',
        );

        return $sketch->titled('Bridge');
    }

    public static function edges(Workings $w): BenchDrawing
    {
        $s = $w->specification->bodywork;
        $sketch = new Sketch;
        $frame = (new self($w))->plan($sketch);
        self::under(
            $sketch, $frame, $w->body()->outline->across()->to, 22.0, "{$s->edges->words()} edges, ".Frame::both($s->edgeRadius->mm),
            ...($s->bodyBinding->mm > 0 ? ['binding '.Frame::both($s->bodyBinding->mm).' by '.Words::number($s->bodyBindingHeight->mm).' high'] : []),
        );

        return $sketch->titled('Edges');
    }

    private function plan(Sketch $sketch, string $style = 'line'): Frame
    {
        $outline = $this->w->body()->outline;
        [$along, $across] = [$outline->along(), $outline->across()];
        // As wide as the drawing, but never higher than it is wide.
        $times = min(256.0 / $along->length(), 256.0 / $across->length());
        $frame = $sketch->enlarged($times, 20.0 - $times * $along->from, 16.0 - $times * $across->from);

        return $frame->closed($outline->simplified(0.3)->points, $this->w->specification->bodywork->layers[0]->timber->colour, $style);
    }

    /** Lines of words under what is drawn. */
    private static function under(Sketch $sketch, Frame $frame, float $edge, float $below, string ...$lines): void
    {
        foreach (array_values($lines) as $at => $line) {
            $sketch->words(new Point(16.0, $frame->at(0.0, $edge)->y + $below + 19.0 * $at), $line);
        }
    }

    private static function key(string $what): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($what)), '-');
    }
}
