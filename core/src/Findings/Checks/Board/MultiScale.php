<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** A scale on each side is not worked out here, and must not look as if it were. */
final class MultiScale implements Check
{
    public function judge(Workings $w): iterable
    {
        $treble = $w->specification->board->scaleTreble;
        if ($treble !== null && abs($treble->mm - $w->specification->board->scale->mm) > 0.01) {
            yield Finding::stop('multi-scale', 'Two scales are not yet computed')
                ->says(
                    'Treble '.Words::mm($treble->mm).', bass '.Words::mm($w->specification->board->scale->mm)
                    .': every figure here is for the one scale.',
                )
                ->because('Slots, bridge and spread would all differ from what is shown.')
                ->at('scaleTreble', 'scale')
                ->fix('Take one scale', ['scaleTreble' => '']);
        }
    }
}
