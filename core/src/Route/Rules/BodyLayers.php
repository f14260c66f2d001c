<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Upper layers: made on their own and glued on. */
final readonly class BodyLayers implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->isLayered() && $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('body.layers', []);
        $draft->add('body.glue-layers', [Piece::Body]);
        $draft->after('body.glue-layers', 'body.layers', 'The layers are made before they are glued on.');
        $draft->after('body.glue-layers', 'body.thickness', 'Glue holds on a freshly planed, flat face.');
        $draft->after('body.outline', 'body.glue-layers', 'All layers are cut by one template in one go.');
    }
}
