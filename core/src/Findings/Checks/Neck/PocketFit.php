<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** The heel fits its pocket. */
final class PocketFit implements Check
{
    public function judge(Workings $w): iterable
    {
        $joint = $w->specification->joinery;
        $gap = $joint->pocketWidth->mm - $joint->heelWidth->mm;
        if ($gap < -0.05) {
            yield Finding::stop('pocket-fit', 'Pocket '.Words::number(-$gap).' mm too narrow for this neck')
                ->says(
                    'Pocket '.Words::number($joint->pocketWidth->mm, 2).', heel '.Words::mm($joint->heelWidth->mm, 2)
                        .'.',
                )
                ->because('Forced in, it splits the body’s cheek: widen, or plane.')
                ->at('pocketWidth', 'heelWidth')
                ->fix(
                    'Widen the pocket', ['pocketWidth' => Words::typed($joint->heelWidth->mm + 0.1, 2)],
                )->fix('Plane the heel', ['heelWidth' => Words::typed($joint->pocketWidth->mm - 0.1, 2)]);
        } elseif ($gap > 0.3) {
            yield Finding::warn('pocket-loose', 'Pocket '.Words::number($gap).' mm wider than its neck')
                ->says(
                    'Pocket '.Words::number($joint->pocketWidth->mm, 2).', heel '.Words::mm($joint->heelWidth->mm, 2)
                    .'; at most 0.15 on each side.',
                )
                ->because('The neck shifts off the centre line.')
                ->at('pocketWidth', 'heelWidth')
                ->fix('Cut the pocket to the heel', ['pocketWidth' => Words::typed($joint->heelWidth->mm + 0.1, 2)]);
        }
    }
}
