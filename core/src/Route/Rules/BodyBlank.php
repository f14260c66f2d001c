<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The body's blank: halves glued, brought to thickness. */
final readonly class BodyBlank implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('body.joint', [Piece::Body]);
        $draft->add('body.thickness', [Piece::Body]);
        $draft->after('body.thickness', 'body.joint', 'Both halves are planed as one.');
    }
}
