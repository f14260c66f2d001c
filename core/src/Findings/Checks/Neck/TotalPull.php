<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Units\Words;

/** What all strings together ask of the neck (S3). */
final class TotalPull implements Check
{
    public function judge(Workings $w): iterable
    {
        $total = $w->pull()->total();
        $most = $w->specification->brief->type === InstrumentType::Bass ? 1250.0 : 800.0;
        if ($total > $most && ! $w->specification->neck->stiffeningRods) {
            yield Finding::warn('total-pull', 'High string tension')
                ->says(Words::number($total, 0).' N together, '.Words::number($total / 9.80665, 0).' kg.')
                ->because('A neck under so much is usually stiffened.')
                ->at('stiffeningRods', 'gauges')
                ->fix('Put in stiffening rods', ['stiffeningRods' => 'yes']);
        }
    }
}
