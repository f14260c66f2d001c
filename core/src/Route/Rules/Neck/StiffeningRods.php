<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Neck;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Rods beside the truss rod, glued into their own channels. */
final readonly class StiffeningRods implements RouteRule
{
    public function name(): string
    {
        return 'Stiffening rods before the board';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->neck->stiffeningRods;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            NeckOperation::Rods, [Piece::Neck], glue: $methods->glue(Question::RodGlue),
            why: 'They stiffen a long or slender shaft.',
        );
        $draft->after(
            NeckOperation::Rods,
            [NeckOperation::Square, NeckOperation::Channel],
            'Their channels are set out from the middle one, while the sides are square.',
        );
        $draft->after(NeckOperation::Rough, NeckOperation::Rods, 'Their channels need the square sides.');
        $draft->after(
            FretboardOperation::Glue, NeckOperation::Rods, 'The board closes their channels.',
            'Once the board is on there is no way to their channels.',
        );
    }
}
