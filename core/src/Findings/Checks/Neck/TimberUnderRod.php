<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Timber left under the rod’s channel (G10). */
final class TimberUnderRod implements Check
{
    private const LEAST = 3.0;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->neck->rodLength->mm <= 0) {
            return;
        }
        $ends = $w->neck()->rodEnds();
        $places = [
            'the first fret' => $w->fret(1), 'the twelfth' => $w->fret(12),
            'the rod’s end' => min($ends->to, $w->fret($s->joinery->joinFret)),
        ];
        $left = array_map(fn (float $x): float => $w->neck()->leftUnderRod($x)->value, $places);
        $thinnest = min($left);
        if ($thinnest < self::LEAST - 1e-6) {
            $missing = self::LEAST - $thinnest;
            $depth = Words::down($s->neck->rodDepth->mm - $missing, 2);
            yield Finding::stop('under-rod', 'Too little timber under the rod')
                ->says(
                    Words::mm($thinnest, 2).' stay at '.array_search($thinnest, $left, true).'; at least 3.0 should.',
                )
                ->because('A carved neck breaks through into its channel, or the rod pushes out of the back.')
                ->at('rodDepth', 'thicknessFirst', 'thicknessTwelfth')
                ->fix(
                    'Make the channel '.Words::mm($depth, 2).' deep',
                    $depth > 3 ? ['rodDepth' => Words::typed($depth, 2)] : null,
                )
                ->fixBy($this->thicker($w, Words::up($missing, 2)))
                ->fixBy([['Take stiffening rods instead of the rod', ['rodLength' => '0', 'stiffeningRods' => 'yes']]]);
        }
    }

    /** @return iterable<array{string, array<string, string>}> */
    private function thicker(Workings $w, float $by): iterable
    {
        $neck = $w->specification->neck;
        $curve = $neck->depthCurve === [] ? [] : ['depthCurve' => ''];
        foreach ([$by, $by + 0.5, $by + 1.5] as $more) {
            yield [
                'Make the neck '.Words::mm($more, 2).' thicker',
                [
                    'thicknessFirst' => Words::typed($neck->thicknessFirst->mm + $more, 2),
                    'thicknessTwelfth' => Words::typed($neck->thicknessTwelfth->mm + $more, 2),
                    ...$curve,
                ],
            ];
        }
    }
}
