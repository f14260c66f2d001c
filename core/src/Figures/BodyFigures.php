<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Geometry\MachinePasses;
use Regimen\Instrument\Body\Layer;
use Regimen\Units\Words;

/** G17 to G20, T6. */
final class BodyFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        $s = $workings->specification;
        $body = $s->bodyThickness()->mm;
        yield Figure::mm(
            'bodyThickness', 'Layers together', $body, 'G17',
            implode(
                ' + ',
                array_map(
                    static fn (Layer $layer): string => Words::number($layer->thickness->mm, 2),
                    $s->bodywork->layers,
                ),
            ).' = '.Words::mm($body, 2),
            'body', 2,
        );
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
            yield Figure::mm(
                'binding', 'Body binding to buy', $workings->body()->binding(), 'G19',
                Words::number($outline->perimeter(), 0).' + 10 %', 'body', 0,
            );
        }
        if ($s->board->boardBinding->mm > 0) {
            $around = $workings->board()->around();
            yield Figure::mm(
                'boardBindingLength', 'Board binding to buy', $workings->board()->binding(), 'G19',
                'two sides and the end, '.Words::number($around, 0).', + 10 %', 'board', 0,
            );
        }
        yield from $this->mass($workings);
    }

    /** @return iterable<Figure> */
    private function floors(Workings $w, float $body): iterable
    {
        $s = $w->specification;
        $deepest = $s->joinery->pocketDepth->mm;
        yield Figure::mm(
            'pocketFloor', 'Left under the pocket', $body - $deepest, 'G18',
            Words::number($body).' − '.Words::number($deepest).' = '.Words::mm($body - $deepest), 'joint',
        );
        foreach ($s->electrics->pickups as $index => $pickup) {
            $depth = $pickup->depth->mm;
            $deepest = max($deepest, $depth);
            yield Figure::mm(
                "pickupFloor.{$index}", "Left under the {$pickup->place} pickup", $body - $depth, 'G18',
                Words::number($body).' − '.Words::number($depth).' = '.Words::mm($body - $depth), 'electronics',
            );
        }
        foreach ($s->bodywork->cavities as $index => $cavity) {
            $depth = $cavity->depth->mm;
            $deepest = max($deepest, $depth);
            yield Figure::mm(
                "cavityFloor.{$index}", "Left at the {$cavity->kind->words()} cavity", $body - $depth, 'G18',
                Words::number($body).' − '.Words::number($depth).' = '.Words::mm($body - $depth), 'body',
            );
        }
        yield Figure::of(
            'passes', 'Router passes, deepest cavity', MachinePasses::count($deepest), '', 'G20',
            Words::number($deepest).' / '.Words::number(MachinePasses::ROUTER_MM).' a pass, rounded up', 'body', 0,
        );
    }

    /** @return iterable<Figure> */
    private function mass(Workings $w): iterable
    {
        $mass = $w->mass();
        yield Figure::of(
            'weight', 'Expected weight', $mass->total() / 1000, 'kg', 'T6',
            count($mass->parts).' parts: timber at '.Words::number($w->balance())
                .' % moisture, less cavities, and hardware as stated',
            'body', 2,
        );
        yield Figure::mm(
            'centreOfMass', 'Centre of mass, from the nut', $mass->centre(), 'T6',
            'sum of mass × place / '.Words::number($mass->total(), 0).' g', 'body', 0,
        );
        $strap = $w->body()->strapButton($w->specification);
        yield Figure::mm(
            'balance', 'Centre of mass behind the strap button', $mass->centre() - $strap, 'T6',
            Words::number($mass->centre(), 0).' − '.Words::mm($strap, 0), 'body', 0,
        );
    }
}
