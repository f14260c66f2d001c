<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** The jack reaches through what it sits in (G18). */
final class JackThread implements Check
{
    public function judge(Workings $w): iterable
    {
        $e = $w->specification->electrics;
        if ($e->pickups !== [] && $e->jackWall->mm + 2.5 > $e->jackThread->mm) {
            yield Finding::stop('jack-thread', 'Jack thread too short')
                ->says(
                    'Thread '.Words::number($e->jackThread->mm).', wall '.Words::number($e->jackWall->mm)
                    .' with washer and nut 2.5 mm.',
                )
                ->because('The nut does not catch.')
                ->at('jackWall', 'jackThread')
                ->fix(
                    'Make the wall '.Words::mm($e->jackThread->mm - 3.0),
                    $e->jackThread->mm > 4.5 ? ['jackWall' => Words::typed($e->jackThread->mm - 3.0)] : null,
                )->fix('Put the jack in a plate', ['jackWall' => '2.5 mm']);
        }
    }
}
