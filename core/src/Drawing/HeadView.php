<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
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
            $shapes[] = Shape::circle($post, $s->head->tunerHole->mm / 2, 'holes', 'line', 'paper');
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
}
