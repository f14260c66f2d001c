<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Timber left under the rod’s channel (G10). */
final class TimberUnderRod implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->neck->rodLength->mm <= 0) {
            return;
        }
        $ends = $w->neck()->rodEnds();
        $places = ['the first fret' => $w->fret(1), 'the twelfth' => $w->fret(12), 'the rod’s end' => min($ends->to, $w->fret($s->joinery->joinFret))];
        $thinnest = array_map(fn (float $x): float => $w->neck()->leftUnderRod($x), $places);
        $left = min($thinnest);
        if ($left < 3.0) {
            $where = array_search($left, $thinnest, true);
            yield Finding::stop('under-rod', 'Too little timber under the rod', Words::mm($left).' stay at '.$where.'; at least 3.0 should.', 'A carved neck breaks through into its channel, or the rod pushes out of the back.', 'rodDepth', 'thicknessFirst', 'thicknessTwelfth')
                ->mend('channel '.Words::number($s->neck->rodDepth->mm - 3.0 + $left).' deep', $s->neck->rodDepth->mm - 3.0 + $left > 3 ? ['rodDepth' => Words::typed($s->neck->rodDepth->mm - 3.0 + $left)] : null)
                ->mend('neck '.Words::number(3.0 - $left).' thicker', ['thicknessFirst' => Words::typed($s->neck->thicknessFirst->mm + 3.0 - $left), 'thicknessTwelfth' => Words::typed($s->neck->thicknessTwelfth->mm + 3.0 - $left)]);
        }
    }
}
