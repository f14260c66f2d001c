<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Headstock;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Geometry\Polygon;
use Regimen\Units\Words;

/** Posts lie on the headstock with timber round their holes. */
final class PostsOnHeadstock implements Check
{
    public function judge(Workings $w): iterable
    {
        if (! $w->specification->head->headstock->hasPosts()) {
            return;
        }
        $outline = Polygon::of($w->head()->outline());
        $need = $w->specification->head->tunerHole->mm / 2 + 3.0;
        $out = [];
        foreach ($w->head()->posts as $string => $post) {
            if (! $outline->contains($post) || $outline->distanceTo($post) < $need) {
                $out[] = $string;
            }
        }
        if ($out !== []) {
            yield Finding::stop('posts-on-headstock', 'Tuner hole at the headstock’s edge')
                ->says(
                    ucfirst(Words::strings($out)).': less than 3 mm of timber beside a hole of '
                    .Words::mm($w->specification->head->tunerHole->mm).'.',
                )
                ->because('The edge breaks out when the hole is drilled.')
                ->at('posts', 'headLength', 'tunerSpacing')
                ->fix('Make the headstock as long as its tuners need', $w->clientSays('headLength') ? ['headLength' => ''] : null)
                ->fix('Place the posts by the layout', $w->specification->head->posts !== [] ? ['posts' => ''] : null);
        }
    }
}
