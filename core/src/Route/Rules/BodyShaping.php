<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

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
        $draft->add('body.outline', [Piece::Body], why: 'Sawn 3 mm outside the line, then cut by the template.');
        $draft->after('body.outline', 'design.templates', 'It is cut by the template; check its face, or the instrument comes out mirrored.', 'A body cut by an unchecked template comes out mirrored.');
        if ($specification->electrics->pickups !== [] || $specification->bodywork->cavities !== []) {
            $draft->add('body.cavities', [Piece::Body], why: 'In passes, to the depths that the drawing gives.');
            $draft->add('body.wiring', [Piece::Body], why: 'Wires and jack get their way.');
            $draft->after('body.wiring', ['body.cavities', 'body.paths'], 'The drill goes from cavity to cavity.');
        }
        $draft->add('body.edges', [Piece::Body], why: 'Edges and contours are what the player leans on.');
        $draft->after('body.edges', 'body.outline', 'The bit follows the outline; it stops short of the heel.');
        $draft->add('body.sand', [Piece::Body], why: 'Every scratch shows under the finish.');
        $draft->after('body.sand', ['body.cavities', 'body.wiring', 'body.edges', 'joint.bridge', 'joint.pocket'], 'Sanding comes after all cutting.');
    }
}
