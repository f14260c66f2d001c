<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Chambers are routed in the open blank, with every access planned before it is closed. */
final readonly class Chambers implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->isRelieved();
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('body.chambers', [Piece::Body]);
        $draft->after('body.chambers', 'body.thickness', 'Depths are taken from the finished face.');
        $draft->after('body.chambers', 'design.draw', 'The drawing says what must stay solid: joint, bridge, electronics.');
        $draft->after('body.glue-layers', 'body.chambers', 'What is hollow gets its access, wire paths and grounding before it is closed.');
    }
}
