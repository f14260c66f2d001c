<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Headstock;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** A guide stands between nut and posts. */
final class GuideOverPosts implements Check
{
    public function judge(Workings $w): iterable
    {
        $head = $w->specification->head;
        if ($head->guided > 0) {
            $nearest = min(
                [
                    INF,
                    ...array_map(
                        static fn (Point $post): float => -$post->x, array_slice($w->head()->posts, 0, $head->guided),
                    ),
                ],
            );
            if ($head->guideAt->mm > $nearest - 8) {
                yield Finding::stop('guide-place', 'Guide at a post')
                    ->says(
                        'It is to sit '.Words::mm($head->guideAt->mm).' from the nut, and the nearest guided post '
                        .Words::mm($nearest).'.',
                    )
                    ->because('The guide has to stand in front of the posts whose strings it holds down.')
                    ->at('guideAt', 'guided')
                    ->fix(
                        'Put the guide '.Words::mm(max(10.0, $nearest * 0.6)).' from the nut',
                        $nearest > 20 ? ['guideAt' => Words::typed(max(10.0, $nearest * 0.6))] : null,
                    );
            }
        }
    }
}
