<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Pots reach through the top (G18). */
final class PotThread implements Check
{
    public function judge(Workings $w): iterable
    {
        $e = $w->specification->electrics;
        if ($e->pots === []) {
            return;
        }
        $short = $e->controlTop->mm + $e->potNut->mm - $e->potThread->mm;
        if ($short > 0.0) {
            yield Finding::stop('pot-thread', 'Pot thread too short')
                ->says(
                    'Thread '.Words::number($e->potThread->mm).', top '.Words::number($e->controlTop->mm)
                    .' with washer and nut '.Words::mm($e->potNut->mm).': '.Words::number($short).' short.',
                )
                ->because('The nut does not catch.')
                ->at('controlTop', 'potThread')
                ->fix(
                    'Leave '.Words::mm($e->controlTop->mm - $short).' over the controls',
                    $e->controlTop->mm - $short >= 2.5
                        ? ['controlTop' => Words::typed($e->controlTop->mm - $short)]
                        : null,
                )
                ->fix(
                    'Take long-shafted pots, '.Words::mm(ceil($e->potThread->mm + $short)),
                    ['potThread' => Words::typed(ceil($e->potThread->mm + $short))],
                );
        } elseif ($e->controlTop->mm < 2.5) {
            yield Finding::warn('control-top', 'Thin over the controls')
                ->says(Words::mm($e->controlTop->mm).' stay.')
                ->because('It dents and cracks round the pots.')
                ->at('controlTop')
                ->fix('Leave 4 mm', ['controlTop' => '4 mm']);
        }
    }
}
