<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Units\Words;

/** The headstock with its posts and string lines, 1:1 as a template. */
final class HeadView
{
    public static function draw(Workings $w): View
    {
        $s = $w->specification;
        $outline = $w->head()->outline();
        $shapes = [
            Shape::closed($outline, 'outline', 'line', $s->neck->neckTimber->colour),
            Shape::line(-$s->head->headLength->mm - 8, 0.0, 10.0, 0.0, 'centre', 'hidden'),
            Details::nut($w, 4.0),
        ];
        foreach ($w->strings() as $string) {
            if (! $s->head->headstock->hasPosts()) {
                $shapes[] = Shape::open([$string->nut, $string->post], '', 'string');

                continue;
            }
            $post = $string->post;
            $shapes[] = Shape::open([$string->nut, $post], '', 'string');
            array_push($shapes, ...self::hole($w, $post));
            $shapes[] = Shape::words(
                $post->moved(0.0, $s->head->tunerHole->mm / 2 + 7.5),
                Words::number($string->break).'°', 6.5, 'middle', 'dimension', Lettering::on($s->neck->neckTimber->colour),
            );
        }
        $low = min(array_map(static fn (Point $point): float => $point->y, $outline));
        $first = max(array_map(static fn (Point $point): float => $point->x, $w->head()->posts));
        $shapes = [...$shapes,
            ...Shape::dimension(
                new Point(-$s->head->headLength->mm, $low - 8), new Point(0, $low - 8), 0.0,
                Words::number($s->head->headLength->mm), 8,
            ),
            ...Shape::dimension(
                new Point($first, -$low + 14), new Point(0, -$low + 14), 0.0, Words::number(-$first), 8,
            ),
        ];

        return new View('head', 'Headstock', $shapes);
    }

    /**
     * Through the face a circle; through the side what the drill takes from the nearer edge to the post, as it lies in the timber.
     *
     * @return list<Shape>
     */
    public static function hole(Workings $w, Point $post): array
    {
        $head = $w->specification->head;
        $wide = $head->tunerHole->mm;
        if ($head->tuners !== TunerPlace::Side) {
            return [Shape::circle($post, $wide / 2, 'holes', 'line', 'paper')];
        }
        $across = Polygon::of($w->head()->outline())->acrossAt($post->x);
        $edge = $across === null ? $post->y : ($post->y < 0 ? $across->from : $across->to);

        return [Shape::box($post->x - $wide / 2, min($edge, $post->y), $wide, max(0.5, abs($edge - $post->y)), 'holes', 'hidden'), Shape::circle($post, $wide / 4, '', 'thin', 'paper')];
    }
}
