<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Fretboard;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Binding along the board, on the tapered board before it is glued. */
final readonly class BoardBinding implements RouteRule
{
    public function name(): string
    {
        return 'Binding before the board is glued';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->board->boardBinding->mm > 0;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FretboardOperation::Binding, [Piece::Fretboard], glue: $methods->glue(Question::BindingGlue),
            why: 'It covers the slots’ ends.',
        );
        $draft->after(
            FretboardOperation::Binding, FretboardOperation::Taper,
            'It follows the tapered edge; glue is kept out of the slots.',
        );
        $draft->after(
            FretboardOperation::Glue, FretboardOperation::Binding, 'The bound board is lined up as one.',
            'On the neck there is no room left beside the board.',
        );
        $draft->after(
            FretboardOperation::Radius, FretboardOperation::Binding, 'Board and binding are radiused as one.',
        );
    }
}
