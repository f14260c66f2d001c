<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Depths of the neck follow each other. */
final class NeckDepths implements Check
{
    public function judge(Workings $w): iterable
    {
        $neck = $w->specification->neck;
        if ($neck->thicknessTwelfth->mm < $neck->thicknessFirst->mm - 0.05) {
            yield Finding::warn('neck-taper', 'Neck thinner at the twelfth than at the first')
                ->says(
                    Words::number($neck->thicknessFirst->mm).' at the first, '.Words::mm($neck->thicknessTwelfth->mm)
                    .' at the twelfth.',
                )
                ->because('Necks usually grow towards the body; the two may have been swapped.')
                ->at('thicknessFirst', 'thicknessTwelfth')
                ->fix(
                    'Swap them',
                    [
                        'thicknessFirst' => Words::typed($neck->thicknessTwelfth->mm),
                        'thicknessTwelfth' => Words::typed($neck->thicknessFirst->mm),
                    ],
                );
        }
        foreach ($neck->depthCurve as [$fret, $thickness]) {
            if (
                $fret < 0
                || $fret > $w->specification->board->frets
                || $thickness < $neck->thicknessFirst->mm - 3
                || $thickness > $neck->thicknessTwelfth->mm + 8
            ) {
                yield Finding::stop('depth-curve', 'A depth off the neck')
                    ->says('Fret '.Words::number($fret, 0).': '.Words::mm($thickness).'.')
                    ->because('It is beyond the board, or a step away from the depths beside it.')
                    ->at('depthCurve')
                    ->fix('Leave it out', ['depthCurve' => '']);

                return;
            }
        }
    }
}
