<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Units\Words;

/** G9 to G12. */
final class NeckFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        $s = $workings->specification;
        $neck = $workings->neck();
        $join = $workings->fret($s->joinery->joinFret);
        yield Figure::mm(
            'thicknessJoin', 'Thickness where the body begins', $neck->thicknessAt($join), 'G9',
            'on the line from '.Words::number($s->neck->thicknessFirst->mm).' at the first to '
                .Words::number($s->neck->thicknessTwelfth->mm).' at the twelfth, carried on to '.Words::mm($join),
            'neck',
        );
        if ($s->neck->rodLength->mm > 0) {
            foreach (['First' => 1, 'Twelfth' => 12] as $name => $fret) {
                $x = $workings->fret($fret);
                $left = $neck->leftUnderRod($x);
                yield Figure::worked(
                    "underRod{$name}", 'Left under the rod, '.lcfirst($name), $left, 'G10', 'neck', 1, 1,
                );
            }
        }
        yield from $this->head($workings);
    }

    /** @return iterable<Figure> */
    private function head(Workings $w): iterable
    {
        $head = $w->head();
        $s = $w->specification;
        if ($s->head->headstock === HeadstockKind::Angled) {
            yield Figure::worked(
                'stockDepth', 'Depth of stock, in one piece', $head->stockDepth(), 'G11', 'head', 1, 2,
            );
        }
        foreach ($s->head->headstock->hasPosts() ? $w->strings() : [] as $string) {
            $name = "Breaks over the nut, string {$string->number}";
            $breaks = $head->breaking($string->index());
            yield Figure::worked("break.{$string->index()}", $name, $breaks, 'G12', 'head', 1, 2, '°');
        }
    }
}
