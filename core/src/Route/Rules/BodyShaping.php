<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The body: outline, cavities, wire paths, edges, sanded. */
final readonly class BodyShaping implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('body.outline', [Piece::Body]);
        $draft->after('body.outline', 'body.thickness', 'The template lies flat on the planed face.');
        $draft->after('body.outline', 'design.templates', 'It is cut by the template; check its face, or the instrument comes out mirrored.');
        $draft->add('body.cavities', [Piece::Body]);
        $draft->add('body.wiring', [Piece::Body]);
        $draft->after('body.wiring', 'body.cavities', 'The drill goes from cavity to cavity.');
        $draft->add('body.edges', [Piece::Body]);
        $draft->after('body.edges', 'body.outline', 'The bit follows the outline; it stops short of the heel.');
        $draft->add('body.sand', [Piece::Body]);
        $draft->after('body.sand', ['body.cavities', 'body.wiring', 'body.edges', 'joint.bridge'], 'Sanding comes after all cutting.');
    }
}
