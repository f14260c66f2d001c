<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Geometry\MachinePasses;
use Regimen\Instrument\Body\Layer;
use Regimen\Units\Term;
use Regimen\Units\Words;

/** G17 to G20, T6. */
final class BodyFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        $s = $workings->specification;
        $body = $s->bodyThickness()->mm;
        $layers = array_map(static fn (Layer $layer): Term => Term::of($layer->thickness, 2), $s->bodywork->layers);
        $together = array_reduce(
            array_slice($layers, 1), static fn (Term $sum, Term $layer): Term => $sum->plus($layer), $layers[0],
        );
        yield Figure::worked('bodyThickness', 'Layers together', $together, 'G17', 'body', 2, 2);
        yield from $this->floors($workings, $body);
        $outline = $workings->body()->outline;
        yield Figure::of(
            'area', 'Area of the outline', $outline->area() / 100, 'cm²', 'G19',
            'shoelace over '.count($outline->points).' points', 'body', 0,
        );
        yield Figure::mm(
            'perimeter', 'Around the outline', $outline->perimeter(), 'G19',
            'sum of '.count($outline->points).' pieces', 'body', 0,
        );
        if ($s->bodywork->bodyBinding->mm > 0) {
            $strip = $workings->body()->binding();
            yield Figure::worked('binding', 'Body binding to buy', $strip, 'G19', 'body', 0);
        }
        if ($s->board->boardBinding->mm > 0) {
            $strip = $workings->board()->binding();
            yield Figure::worked('boardBindingLength', 'Board binding to buy', $strip, 'G19', 'board', 0);
        }
        yield from $this->mass($workings);
    }

    /** @return iterable<Figure> */
    private function floors(Workings $w, float $body): iterable
    {
        $s = $w->specification;
        $deepest = $s->joinery->pocketDepth->mm;
        $left = static fn (float $depth): Term => Term::of($body)->minus(Term::of($depth));
        yield Figure::worked('pocketFloor', 'Left under the pocket', $left($deepest), 'G18', 'joint', 1, 1);
        foreach ($s->electrics->pickups as $index => $pickup) {
            $depth = $pickup->depth->mm;
            $deepest = max($deepest, $depth);
            $name = "Left under the {$pickup->place} pickup";
            yield Figure::worked("pickupFloor.{$index}", $name, $left($depth), 'G18', 'electronics', 1, 1);
        }
        foreach ($s->bodywork->cavities as $index => $cavity) {
            $depth = $cavity->depth->mm;
            $deepest = max($deepest, $depth);
            $name = "Left at the {$cavity->kind->words()} cavity";
            yield Figure::worked("cavityFloor.{$index}", $name, $left($depth), 'G18', 'body', 1, 1);
        }
        yield Figure::of(
            'passes', 'Router passes, deepest cavity', MachinePasses::count($deepest), '', 'G20',
            Words::number($deepest).' / '.Words::number(MachinePasses::ROUTER_MM).' a pass, rounded up', 'body', 0,
        );
    }

    /** What was cut already is reckoned with what it was weighed at. */
    private static function lots(Workings $w): string
    {
        $s = $w->specification;
        $pieces = ['neck' => $s->neck->neckTimber, 'fretboard' => $s->board->boardTimber];
        foreach ($s->bodywork->layers as $number => $layer) {
            $pieces["layer.{$number}"] = $layer->timber;
        }
        $known = [];
        foreach ($pieces as $piece => $timber) {
            $lot = $w->lots()->of($piece, $timber);
            if ($lot !== null) {
                $known[] = "{$lot->name} with ".Words::number($lot->at($w->balance()), 0).' kg/m³';
            }
        }

        return $known === [] ? '' : ' (as weighed: '.implode(', ', array_unique($known)).')';
    }

    /** @return iterable<Figure> */
    private function mass(Workings $w): iterable
    {
        $mass = $w->mass();
        yield Figure::of(
            'weight', 'Expected weight', $mass->total() / 1000, 'kg', 'T6',
            count($mass->parts).' parts: timber at '.Words::number($w->balance())
                .' % moisture'.self::lots($w).', less cavities, and hardware as stated',
            'body', 2,
        );
        yield Figure::mm(
            'centreOfMass', 'Centre of mass, from the nut', $mass->centre(), 'T6',
            'sum of mass × place / '.Words::number($mass->total(), 0).' g', 'body', 0,
        );
        $strap = $w->body()->strapButton($w->specification);
        $behind = Term::of($mass->centre(), 0)->minus(Term::of($strap, 0, unit: ' mm'));
        yield Figure::worked('balance', 'Centre of mass behind the strap button', $behind, 'T6', 'body', 0);
    }
}
