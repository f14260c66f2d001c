<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Strings run straight to their posts. */
final class SideAngle implements Check
{
    public function judge(Workings $w): iterable
    {
        $angles = array_map(fn (int $string): float => $w->head()->sideAngle($string), array_keys($w->head()->posts));
        $steep = array_keys(array_filter($angles, static fn (float $angle): bool => $angle > 12.0));
        if ($steep !== []) {
            yield Finding::warn('side-angle', 'Strings turn sideways at the nut', ucfirst(Words::strings($steep)).': up to '.Words::number(max($angles)).'°.', 'They bind in their slots and saw them wide.', 'posts', 'firstPost')
                ->mend('first post '.Words::number($w->specification->head->firstPost->mm + 10).' from the nut', $w->specification->head->posts === [] ? ['firstPost' => Words::typed($w->specification->head->firstPost->mm + 10)] : null)
                ->mend('posts by the layout', $w->specification->head->posts !== [] ? ['posts' => ''] : null);
        }
    }
}
