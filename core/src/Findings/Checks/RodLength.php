<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** The rod ends inside the board. */
final class RodLength implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $room = $w->board()->length - 4.0;
        if ($s->neck->rodLength->mm > $room) {
            yield Finding::stop('rod-length', 'Rod longer than its board', 'A rod of '.Words::mm($s->neck->rodLength->mm, 0).' under a board of '.Words::mm($w->board()->length, 0).'.', 'The board closes the channel; what reaches beyond it has nothing over it.', 'rodLength', 'boardLength')
                ->mend('rod of '.Words::number(floor($room / 10) * 10, 0), ['rodLength' => Words::typed(floor($room / 10) * 10, 0)]);
        } elseif ($s->neck->rodLength->mm === 0.0 && $w->pull()->total() > 250 && ! $s->neck->stiffeningRods) {
            yield Finding::warn('no-rod', 'Neither rod nor stiffening', 'The strings pull '.Words::number($w->pull()->total(), 0).' N on the bare neck.', 'Relief cannot be set later.', 'rodLength')
                ->mend('a rod', ['rodLength' => Words::typed(floor($room / 10) * 10, 0)])->mend('stiffening rods', ['stiffeningRods' => 'yes']);
        }
    }
}
