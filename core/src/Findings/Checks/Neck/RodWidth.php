<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Timber beside the rod’s channel. */
final class RodWidth implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $beside = ($s->board->nutWidth->mm - $s->neck->rodWidth->mm) / 2;
        if ($s->neck->rodLength->mm > 0 && $beside < 12.0) {
            yield Finding::warn('rod-width', 'Little timber beside the channel')
                ->says(Words::mm($beside).' on each side at the nut.')
                ->because('The carved sides are thinnest there.')
                ->at('rodWidth', 'nutWidth')
                ->fixBy([
                    [
                        'Cut the channel '.Words::mm(Words::down($s->board->nutWidth->mm - 24.0, 2), 2).' wide',
                        $s->board->nutWidth->mm >= 27.0 ? [
                            'rodWidth' => Words::typed(Words::down($s->board->nutWidth->mm - 24.0, 2), 2),
                        ] : null,
                    ],
                    ['Take stiffening rods instead', ['rodLength' => '0', 'stiffeningRods' => 'yes']],
                ]);
        }
    }
}
