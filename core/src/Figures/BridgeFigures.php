<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Units\Term;
use Regimen\Units\Words;

/** G14 to G16. */
final class BridgeFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        yield from $this->along($workings);
        yield from $this->height($workings);
    }

    /** @return iterable<Figure> */
    private function along(Workings $w): iterable
    {
        $line = $w->scaleLine();
        $scale = $w->specification->middleScale()->mm;
        $half = Term::of($scale, 2)->over(Term::of(2, 0));
        yield Figure::worked('halfScale', 'Half the scale', $half, 'G14', 'bridge', 2);
        foreach ($w->strings() as $string) {
            $isOuter = $string->number === 1 || $string->number === count($w->strings());
            $wound = $string->gauge->wound ? 'wound' : 'plain';
            $saddle = Term::of($w->spread()->scaleOf($string->index()), 2)
                ->plus(Term::of($line->compensation($string->number - 1), 2))
                ->note(" of compensation, {$wound}, a guideline");
            yield Figure::worked(
                'saddle.'.($string->number - 1), "Nut to saddle, string {$string->number}", $saddle, 'G14',
                $isOuter ? 'bridge' : '', 1,
            );
        }
        $travel = $line->travel();
        $middle = ($line->saddles()->from + $line->saddles()->to) / 2;
        yield Figure::of(
            'saddleShare', 'Saddles in their travel', 100 * $travel->shareOf($middle), '%', 'G14',
            'the middle saddle at '.Words::number($middle).' of '.Words::number($travel->from).' to '
                .Words::mm($travel->to),
            'bridge', 0,
        );
    }

    /** @return iterable<Figure> */
    private function height(Workings $w): iterable
    {
        $bridge = $w->bridge();
        $s = $w->specification;
        yield Figure::worked('boardAboveTop', 'Board above the top', $bridge->boardAboveTop(), 'G16', 'joint', 1, 2);
        yield Figure::worked(
            'overFretPlane', 'String over the fret plane at the saddle', $bridge->saddleOverFretPlane(), 'G15',
            'bridge', 2, 2,
        );
        foreach (['Treble' => $s->brief->actionTreble->mm, 'Bass' => $s->brief->actionBass->mm] as $side => $action) {
            $name = 'String over the first fret, '.lcfirst($side);
            yield Figure::worked("overFirst{$side}", $name, $bridge->overFirstFret($action), 'G15', 'strings', 2, 2);
        }
        yield Figure::worked('bridgeHeight', 'Saddle above the top', $bridge->overTop(), 'G16', 'bridge', 1, 2);
        yield Figure::worked(
            'bridgeFoot', 'Saddle above the bridge’s foot', $bridge->overFoot(), 'G16', 'bridge', 1, 2,
        );
        $share = $bridge->share()->scaled(100);
        yield Figure::worked('bridgeShare', 'In the bridge’s range', $share, 'G16', 'bridge', 0, null, '%');
    }
}
