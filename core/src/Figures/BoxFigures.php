<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Timber\Plate;
use Regimen\Timber\Species;
use Regimen\Units\Length;
use Regimen\Units\Words;

/** F2 to F4: the box of a flat-top. */
final class BoxFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        if (! $workings->specification->isBox()) {
            return;
        }
        yield from $this->plates($workings);
        yield from $this->air($workings);
        yield from $this->neck($workings);
        yield from $this->bridge($workings);
    }

    /** @return iterable<Figure> */
    private function plates(Workings $w): iterable
    {
        $s = $w->specification;
        $spruce = new Plate(Species::named('Sitka spruce'), Length::ofMillimetres(2.8));
        foreach (['top' => [$s->bodywork->layers[0]->timber, $s->bodywork->layers[0]->thickness], 'back' => [$s->box->backTimber, $s->box->backThickness]] as $which => [$timber, $thick]) {
            $plate = new Plate($timber, $thick);
            $along = $plate->along();
            if ($along === null) {
                continue;
            }
            yield Figure::of("stiffness.{$which}", 'Stiffness of the '.$which.' along the grain', $along, 'N·m', 'F4', "E · h³ / 12 with E of {$timber->name} at 12 % and h ".Words::mm($thick->mm, 2).'; compared between plates, no sound', 'box', 1);
            $across = $plate->across();
            if ($across !== null) {
                yield Figure::of("stiffnessAcross.{$which}", 'across it, quarter-sawn', $across, 'N·m', 'F4', 'the same with E across the grain', 'box', 1);
            }
            $same = $plate->asStiffAs($spruce);
            if ($which === 'top' && $same !== null) {
                yield Figure::mm('asStiff', 'as stiff as 2.8 mm of Sitka spruce at', $same->mm, 'F4', 'h · (E of spruce · 2.8³ / E of '.$timber->name.' · h³)^(1/3)', 'box', 2);
            }
        }
    }

    /** @return iterable<Figure> */
    private function air(Workings $w): iterable
    {
        $s = $w->specification;
        yield Figure::of('boxVolume', 'Air in the box', $w->box()->air()->litres(), 'l', 'F2', 'the outline within its sides × the depth within its plates under its centre; linings, blocks and braces take a little of it', 'box', 1);
        yield Figure::of(
            'boxResonance', 'Resonance of that air, rigid walls', $w->box()->resonance(), 'Hz', 'F2',
            'c / 2π · √(A / (V · (plate + 1.7 r))) with r '.Words::mm($s->box->soundHole->mm / 2).'; a real box gives way and lies about a third lower: it compares boxes and promises no sound', 'box', 1,
        );
    }

    /** @return iterable<Figure> */
    private function neck(Workings $w): iterable
    {
        $set = $w->box()->neckSet();
        $wanted = Words::mm($w->specification->box->saddleHeight->mm);
        yield Figure::mm('frets.atSaddle', 'Plane of the frets over the top at the saddle line', $set->planeAtSaddle(), 'F3', "{$wanted} of saddle − (2 a12 − a0)", 'joint', 2);
        yield Figure::of('neckSet', 'Neck angle for that', $set->angle(), '°', 'F3', 'atan((plane − board above the top − crown) / ('.Words::mm($w->bridge()->fromEdge()).' to the saddle line))', 'joint', 2);
        yield Figure::mm('neckPerDegree', 'One degree more lifts it by', $set->perDegree(), 'F3', 'at the saddle line', 'joint', 1);
    }

    /** @return iterable<Figure> */
    private function bridge(Workings $w): iterable
    {
        $front = $w->box()->bridge()[0]->x;
        yield Figure::mm('bridgeFront', 'Nut to the bridge’s front edge', $front, 'G14', 'the middle of the saddles − two fifths of its '.Words::mm($w->specification->box->bridgeDeep->mm), 'bridge', 1);
        yield Figure::of('saddleSlant', 'Saddle askew', $w->box()->saddleSlant(), '°', 'G14', 'so that each string has its compensation', 'bridge', 2);
    }
}
