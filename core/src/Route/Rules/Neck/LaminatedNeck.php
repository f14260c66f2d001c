<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Neck;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A neck of several pieces is glued up first. */
final readonly class LaminatedNeck implements RouteRule
{
    public function name(): string
    {
        return 'Laminations first';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->neck->laminations > 1;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            NeckOperation::Laminate,
            [Piece::Neck],
            glue: $methods->glue(Question::JointGlue),
            why: 'Pieces with their grain turned against each other keep each other straight.',
        );
        $draft->after(NeckOperation::Square, NeckOperation::Laminate, 'The blank is squared as one.');
    }
}
