<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Units\Words;

/** Softer neck timber stands on its quarter or is stiffened. */
final class NeckCut implements Check
{
    public function judge(Workings $w): iterable
    {
        $neck = $w->specification->neck;
        if (
            $neck->neckCut !== TimberCut::Quarter
            && $neck->neckTimber->density() < 600
            && ! $neck->stiffeningRods
            && $neck->laminations < 3
        ) {
            yield Finding::warn('neck-cut', 'Soft neck, '.$neck->neckCut->words())
                ->says($neck->neckTimber->name.' at '.Words::number($neck->neckTimber->density(), 0).' kg/m³.')
                ->because('It bends more than on the quarter and moves more with the seasons.')
                ->at('neckCut', 'stiffeningRods', 'laminations')
                ->fix('Take it quarter-sawn', ['neckCut' => 'quarter-sawn'])
                ->fix('Put in stiffening rods', ['stiffeningRods' => 'yes'])
                ->fix('Glue it up from three laminations', ['laminations' => '3']);
        }
    }
}
