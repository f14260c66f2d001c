<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Headstock;

use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The headstock to thickness, and its tuner holes. */
final readonly class HeadstockDrilled implements RouteRule
{
    public function name(): string
    {
        return 'Tuner holes on a flat headstock';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->head->headstock->hasPosts();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(HeadstockOperation::Thickness, [Piece::Neck], why: $specification->head->tuners === TunerPlace::Side ? 'Holes through the side need timber over and under them.' : 'Tuners fit a headstock of 14 to 16 mm.');
        $draft->add(
            HeadstockOperation::TunerHoles, [Piece::Neck], standard: $specification->head->tuners === TunerPlace::Side ? HeadstockOperation::SideHoles : HeadstockOperation::TunerHoles,
            why: 'Holes are drilled for the tuners that have arrived.',
        );
        $draft->after(
            NeckOperation::Carve, [HeadstockOperation::TunerHoles, HeadstockOperation::Thickness],
            'Drill and plane need the headstock lying flat on a square neck.',
            'On a carved neck nothing lies flat any more: the holes run askew.',
        );
    }
}
