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
                yield Figure::mm(
                    "underRod{$name}", 'Left under the rod, '.lcfirst($name), $left, 'G10',
                    Words::number($neck->thicknessAt($x)).' − '.Words::number($s->board->boardThickness->mm).' − '
                        .Words::number($s->neck->rodDepth->mm).' = '.Words::mm($left),
                    'neck',
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
            yield Figure::mm(
                'stockDepth', 'Depth of stock, in one piece', $head->stockDepth(), 'G11',
                Words::number($s->head->headLength->mm).' · sin '.Words::number($head->angle()).'° + '
                    .Words::number($s->head->headThickness->mm).' · cos '.Words::number($head->angle()).'° = '
                    .Words::mm($head->stockDepth(), 2),
                'head',
            );
        }
        foreach (array_keys($head->posts) as $string) {
            $angle = $head->breakAngle($string);
            $formula = $head->isGuided($string)
                ? 'atan('.Words::number($s->head->guideDrop->mm).' / '.Words::number($s->head->guideAt->mm)
                .'), under the guide'
                : 'atan('.Words::number($head->heightLost($string), 2).' / '
                .Words::number($head->awayFromNut($string), 2).')';
            yield Figure::of(
                "break.{$string}", 'Breaks over the nut, string '.($string + 1), $angle, '°', 'G12',
                "{$formula} = ".Words::number($angle, 2).'°', 'head',
            );
        }
    }
}
