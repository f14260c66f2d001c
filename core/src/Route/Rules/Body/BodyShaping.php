<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Body;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The body: outline, cavities, wire paths, edges, sanded. */
final readonly class BodyShaping implements RouteRule
{
    public function name(): string
    {
        return 'Sanding comes after all cutting';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            BodyOperation::Outline, [Piece::Body], why: 'Sawn 3 mm outside the line, then cut by the template.',
        );
        $draft->after(
            BodyOperation::Outline,
            PreparationOperation::MakeTemplates,
            'It is cut by the template; check its face, or the instrument comes out mirrored.',
            'A body cut by an unchecked template comes out mirrored.',
        );
        if ($specification->electrics->pickups !== [] || $specification->bodywork->cavities !== []) {
            $draft->add(
                BodyOperation::Cavities, [Piece::Body], why: 'In passes, to the depths that the drawing gives.',
            );
            $draft->add(BodyOperation::Wiring, [Piece::Body], why: 'Wires and jack get their way.');
            $draft->after(
                BodyOperation::Wiring, [BodyOperation::Cavities, BodyOperation::Paths],
                'The drill goes from cavity to cavity.',
            );
        }
        $draft->add(BodyOperation::Edges, [Piece::Body], why: 'Edges and contours are what the player leans on.');
        $draft->after(
            BodyOperation::Edges, BodyOperation::Outline, 'The bit follows the outline; it stops short of the heel.',
        );
        $draft->add(BodyOperation::Sand, [Piece::Body], why: 'Every scratch shows under the finish.');
        $draft->after(
            BodyOperation::Sand,
            [
                BodyOperation::Cavities, BodyOperation::Wiring, BodyOperation::Edges, JointOperation::Bridge,
                JointOperation::Pocket,
            ],
            'Sanding comes after all cutting.',
        );
    }
}
