<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Instrument\Body\StringPath;
use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Units\Words;

/** The instrument from the front, its head to the left. */
final readonly class FrontView
{
    private function __construct(private Workings $w, private bool $small)
    {
    }

    public static function draw(Workings $workings): View
    {
        $view = new self($workings, false);

        return new View('front', 'From the front', [...$view->instrument(), ...$view->dimensions()]);
    }

    /** For lists: fewer points, no dimensions. */
    public static function small(Workings $workings): View
    {
        return new View('front', 'From the front', (new self($workings, true))->instrument());
    }

    /** @return list<Shape> */
    private function instrument(): array
    {
        return [...$this->body(), ...$this->neck(), ...$this->onBody(), ...$this->strings()];
    }

    /** @return list<Shape> */
    private function body(): array
    {
        $s = $this->w->specification;
        $outline = $this->w->body()->outline;
        $points = $this->small ? $outline->simplified(0.8)->points : $outline->simplified(0.05)->points;
        $shapes = [Shape::closed($points, 'outline', 'line', $s->bodywork->layers[0]->timber->colour, 'body')];
        if ($s->bodywork->body === BodyConstruction::FlatTop) {
            $hole = $this->w->box()->soundHole();
            $s->box->rosette->mm > 0 && $shapes[] = Shape::circle($hole, $s->box->soundHole->mm / 2 + $s->box->rosette->mm, '', 'thin');
            $shapes[] = Shape::circle($hole, $s->box->soundHole->mm / 2, '', 'line', 'ink');
        }
        if (! $this->small) {
            array_push($shapes, ...Details::cavities($this->w, 'hidden'));
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function neck(): array
    {
        $s = $this->w->specification;
        $board = $this->w->board();
        $head = $this->w->head()->outline();
        $end = $this->w->body()->begins + 2.0;
        $neck = Polygon::of(
            [...$head, new Point($end, $board->widthAt($end) / 2), new Point($end, -$board->widthAt($end) / 2)],
        );
        $lines = $this->w->lines();
        $shapes = [
            Shape::closed(
                $this->small ? $neck->simplified(0.8)->points : $neck->points, 'outline', 'line',
                $s->neck->neckTimber->colour, 'neck',
            ),
            Shape::closed(
                $lines->outline(),
                'outline',
                'thin',
                $s->board->boardTimber->colour,
                'fretboard',
            ),
        ];
        for ($fret = 1; $fret <= $s->board->frets; $fret++) {
            $shapes[] = Shape::open($lines->at($fret), '', 'fret', 'fretboard');
        }
        array_push($shapes, ...Details::markers($this->w, ''));
        $shapes[] = Details::nut($this->w, -4.0);

        return $shapes;
    }

    /** @return list<Shape> */
    private function onBody(): array
    {
        $s = $this->w->specification;
        $shapes = Details::pickups($this->w, 'line', 'paper', 'electronics');
        $half = max($s->bridgeSpan(), $s->stringing->bridgeSpread->mm + 10) / 2;
        if ($s->bridgework->bridge === BridgeKind::Single) {
            array_push($shapes, ...Details::singleBridges($this->w, '', 'line', 'paper'));
        } elseif ($s->isBox() && $s->bridgework->bridge->isGlued()) {
            $shapes[] = Shape::closed($this->w->box()->bridge(), '', 'line', 'ink', 'electronics');
        } else {
            $shapes[] = Shape::closed(
                [...$this->w->lines()->scaleLine($half, -3.0), ...array_reverse($this->w->lines()->scaleLine($half, 11.0 + max(0.0, $s->bridgework->mountingOffset->mm)))],
                '', 'line', 'ink', 'electronics',
            );
        }
        if ($s->bridgework->stringPath === StringPath::Tailpiece) {
            $shapes[] = Shape::box(
                $s->middleScale()->mm + $s->bridgework->tailDistance->mm - 5, -$half, 12.0, 2 * $half, '', 'line', 'ink',
                'electronics',
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function strings(): array
    {
        $s = $this->w->specification;
        $shapes = [];
        foreach ($this->w->strings() as $string) {
            $saddle = $string->saddle;
            $post = $string->post;
            $shapes[] = Shape::open([$string->nut, $saddle], '', 'string', 'strings');
            $shapes[] = Shape::open([$string->nut, $post], '', 'string', 'strings');
            $s->head->headstock->hasPosts() && $shapes[] = Shape::circle($post, $s->head->tuners === TunerPlace::Side ? 3.0 : max(3.0, $s->head->tunerHole->mm / 2), '', 'line', 'paper');
        }

        return $shapes;
    }

    private function scaleWords(): string
    {
        $board = $this->w->specification->board;

        return $this->w->specification->fan() === null || $board->scaleTreble === null
            ? Words::number($board->scale->mm).' · '.Words::inches($board->scale->mm)
            : Words::number($board->scaleTreble->mm).' to '.Words::number($board->scale->mm);
    }

    /** @return list<Shape> */
    private function dimensions(): array
    {
        $s = $this->w->specification;
        $body = $this->w->body()->outline;
        $below = $body->across()->to + 22;
        $scale = $s->middleScale()->mm;
        $length = $body->along();

        return [
            ...Shape::dimension(
                new Point(0, $below), new Point($scale, $below), 0.0, $this->scaleWords(), 17,
            ),
            Shape::line(0, $s->board->nutWidth->mm / 2 + 4, 0, $below, '', 'dimension'),
            Shape::line($scale, $s->stringing->bridgeSpread->mm / 2 + 12, $scale, $below, '', 'dimension'),
            ...Shape::dimension(
                new Point($length->to, $body->across()->from), new Point($length->to, $body->across()->to), -14.0,
                Words::number($body->across()->length(), 0), 17,
            ),
            ...Shape::dimension(
                new Point($length->from, $body->across()->from - 14),
                new Point($length->to, $body->across()->from - 14), 0.0, Words::number($length->length(), 0), 17,
            ),
        ];
    }
}
