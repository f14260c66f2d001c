<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Units\Words;

/** Neck and body from the side; the board lies level, the body leans away by the neck angle. */
final readonly class SideView
{
    private function __construct(private Workings $w)
    {
    }

    public static function draw(Workings $workings): View
    {
        $view = new self($workings);

        return new View(
            'side',
            'From the side',
            [...$view->body(), ...$view->neck(), ...$view->bridge(), ...$view->dimensions()],
        );
    }

    /** The neck alone, as a template. */
    public static function neckOf(Workings $workings): View
    {
        return new View('neck-side', 'Neck from the side', (new self($workings))->neck());
    }

    /** A point of the body: along from where it begins, down from its top. */
    private function inBody(float $along, float $down): Point
    {
        $angle = deg2rad($this->w->specification->joinery->neckAngle);

        return new Point(
            $this->w->body()->begins + $along * cos($angle) - $down * sin($angle),
            $this->w->bridge()->boardAboveTop()->value + $along * sin($angle) + $down * cos($angle),
        );
    }

    /** @return list<Point> */
    private function slab(float $from, float $to, float $top, float $bottom): array
    {
        return [
            $this->inBody($from, $top), $this->inBody($to, $top), $this->inBody($to, $bottom),
            $this->inBody($from, $bottom),
        ];
    }

    /** @return list<Shape> */
    private function body(): array
    {
        $s = $this->w->specification;
        $end = $this->w->body()->outline->along()->to - $this->w->body()->begins;
        if ($s->isBox()) {
            return $this->box($end);
        }
        $down = 0.0;
        $shapes = [];
        foreach ($s->bodywork->layers as $layer) {
            $shapes[] = Shape::closed(
                $this->slab(0.0, $end, $down, $down + $layer->thickness->mm), '', 'line', $layer->timber->colour,
            );
            $down += $layer->thickness->mm;
        }
        foreach ($s->electrics->pickups as $pickup) {
            $middle = $s->middleScale()->mm - $pickup->positionMm() - $this->w->body()->begins;
            $shapes[] = Shape::closed(
                $this->slab(
                    $middle - $pickup->kind->lengthMm() / 2, $middle + $pickup->kind->lengthMm() / 2, 0.0,
                    min($down, $pickup->depth->mm),
                ),
                '',
                'hidden',
            );
        }
        foreach ($s->bodywork->cavities as $cavity) {
            $middle = $s->middleScale()->mm + $cavity->behind->mm - $this->w->body()->begins;
            $shapes[] = Shape::closed(
                $this->slab(
                    $middle - $cavity->length->mm / 2, $middle + $cavity->length->mm / 2,
                    max(0.0, $down - $cavity->depth->mm), $down,
                ),
                '',
                'hidden',
            );
        }
        if ($s->isRelieved()) {
            $top = $s->isLayered() ? $s->bodywork->layers[0]->thickness->mm : 0.0;
            $shapes[] = Shape::closed(
                $this->slab($end * 0.3, $end * 0.9, $top, min($down, $top + $s->bodywork->chamberDepth->mm)),
                '',
                'hidden',
            );
        }

        return $shapes;
    }

    /** @return list<Shape> sides that grow towards the tail, between top and back */
    private function box(float $end): array
    {
        $s = $this->w->specification;
        $top = $s->bodywork->layers[0];
        [$neck, $tail] = [$s->box->boxDepthNeck->mm, $s->box->boxDepthTail->mm];
        $back = $s->box->backThickness->mm;
        $part = fn (float $from, float $to, float $fromTail, float $toTail, string $colour): Shape => Shape::closed(
            [$this->inBody(0.0, $from), $this->inBody($end, $fromTail), $this->inBody($end, $toTail), $this->inBody(0.0, $to)], '', 'line', $colour,
        );

        return [
            $part(0.0, $neck, 0.0, $tail, $s->box->sideTimber->colour), $part(0.0, $top->thickness->mm, 0.0, $top->thickness->mm, $top->timber->colour),
            $part($neck - $back, $neck, $tail - $back, $tail, $s->box->backTimber->colour),
            Shape::words($this->inBody(6.0, $neck)->moved(0.0, 24.0 + max(0.0, $tail - $neck)), Words::number($neck).' deep at the neck', 17, 'start'),
            Shape::words($this->inBody($end, $tail)->moved(8.0, -20.0), Words::number($tail).' at the tail', 17, 'start'),
        ];
    }

    /** @return list<Shape> */
    private function neck(): array
    {
        $s = $this->w->specification;
        $board = $this->w->board();
        $begins = $this->w->body()->begins;
        $heel = $begins + (
            $s->joinery->joint === NeckJoint::Through
                ? $this->w->body()->outline->along()->to - $begins
                : $s->joinery->pocketLength->mm
        );
        $back = [];
        for ($step = 0; $step <= 20; $step++) {
            $x = ($begins - 22.0) * $step / 20;
            $back[] = new Point($x, $this->w->neck()->thicknessAt($x));
        }
        $back[] = new Point($begins - 2.0, $s->joinery->heelThickness->mm);
        $back[] = new Point($heel, $s->joinery->heelThickness->mm);
        $angle = deg2rad($this->w->head()->angle());
        $below = $this->w->head()->faceBelowBoard();
        $length = $s->head->headLength->mm;
        $thick = $this->w->head()->thickness();
        $tip = new Point(-$length * cos($angle), $below + $length * sin($angle));
        $under = new Point($tip->x + $thick * sin($angle), $tip->y + $thick * cos($angle));
        $root = new Point(-14.0 + $thick * sin($angle), $below + 14.0 * sin($angle) + $thick * cos($angle));
        $neck = [new Point(0.0, $below), $tip, $under, $root];
        if ($s->neck->volute) {
            $neck[] = new Point(-2.0, max($root->y, $back[0]->y) + 3.0);
        }
        $rod = $this->w->neck()->rodEnds();
        $shapes = [
            Shape::closed(
                [...$neck, ...$back, new Point($heel, $board->thickness), new Point(0.0, $board->thickness)],
                'outline',
                'line',
                $s->neck->neckTimber->colour,
            ),
            Shape::box(0.0, 0.0, $board->length, $board->thickness, 'outline', 'line', $s->board->boardTimber->colour),
        ];
        if ($rod->length() > 0) {
            $shapes[] = Shape::box(
                max(0.0, $rod->from), $board->thickness, $rod->to - max(0.0, $rod->from), $s->neck->rodDepth->mm,
                'holes', 'hidden', 'paper',
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function bridge(): array
    {
        $s = $this->w->specification;
        $bridge = $this->w->bridge();
        $along = $s->middleScale()->mm - $this->w->body()->begins;
        $recess = $s->bridgework->bridgeRecess->mm;
        $foot = fn (float $up): Point => $this->inBody($along, $recess - $up);
        $crown = $s->board->crownHeight->mm;
        $saddle = $foot($bridge->overFoot()->value);
        $post = $this->w->head()->posts[0];
        $angle = deg2rad($this->w->head()->angle());
        $postAt = ! $s->head->headstock->hasPosts() ? new Point($post->x, -$crown - $s->nutHeight()) : new Point(
            $post->x * cos($angle),
            $this->w->head()->faceBelowBoard() - $post->x * sin($angle) - $s->head->postHeight->mm * cos($angle),
        );
        $style = $bridge->fits() ? 'solid' : 'warn';

        return [
            Shape::closed(
                [
                    $this->inBody($along - 6, $recess), $this->inBody($along + 10, $recess),
                    $this->inBody($along + 10, $recess - $bridge->range()->from),
                    $this->inBody($along - 6, $recess - $bridge->range()->from),
                ],
                '',
                'line',
                'paper',
            ),
            Shape::open([$foot($bridge->range()->from), $foot($bridge->range()->to)], '', $style),
            Shape::circle($saddle, 2.2, '', $style, $bridge->fits() ? 'ink' : 'rust'),
            Shape::open([$postAt, new Point(0.0, -$crown - $s->nutHeight()), $saddle], '', 'string'),
        ];
    }

    /** @return list<Shape> */
    private function dimensions(): array
    {
        $s = $this->w->specification;
        $first = $this->w->fret(1);
        $bridge = $this->w->bridge();
        $shapes = [
            Shape::words(
                new Point($s->middleScale()->mm + 18, -14.0),
                Words::number($bridge->overFoot()->value).' of '.Words::number($bridge->range()->from, 0).'–'
                    .Words::number($bridge->range()->to, 0),
                17,
                'start',
                $bridge->fits() ? 'dimension' : 'warn',
            ),
            Shape::words(
                new Point(-$s->head->headLength->mm * 0.7, $this->w->head()->stockDepth()->value + 30),
                $s->head->headstock->hasPosts() ? Words::number($this->w->head()->angle()).'°' : 'headless',
                17,
            ),
        ];
        if ($s->neck->rodLength->mm > 0) {
            $shapes[] = Shape::line(
                $first + 20, $this->w->neck()->thicknessAt($first) - 2, $first + 40, 44, '', 'dimension',
            );
            $shapes[] = Shape::words(
                new Point($first + 44, 50),
                Words::number($this->w->neck()->leftUnderRod($first)->value).($s->isBox() ? ' under the rod' : ' left under the rod'),
                17,
                'start',
            );
        }
        if ($s->bodywork->body !== BodyConstruction::FlatTop) {
            $shapes[] = Shape::words(
                $this->inBody(40.0, $s->bodyThickness()->mm)->moved(0.0, 26.0),
                'pocket '.Words::number($s->joinery->pocketDepth->mm).' deep, neck at '
                    .Words::number($s->joinery->neckAngle).'°',
                17,
                'start',
            );
        }

        return $shapes;
    }
}
