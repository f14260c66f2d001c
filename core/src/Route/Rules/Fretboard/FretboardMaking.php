<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Fretboard;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The board on its own: thickness, taper. */
final readonly class FretboardMaking implements RouteRule
{
    public function name(): string
    {
        return 'The board is made on its own';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FretboardOperation::Thickness, [Piece::Fretboard],
            why: 'Slots, inlays and the neck’s thickness follow from it.',
        );
        $draft->add(
            FretboardOperation::Taper, [Piece::Fretboard],
            why: 'The board gets the edges that the neck is lined up with.',
        );
        $draft->after(
            FretboardOperation::Taper, FretboardOperation::Thickness, 'Its edges are cut square to the planed faces.',
        );
        $draft->after(
            FretboardOperation::Glue, FretboardOperation::Taper,
            'The tapered board is lined up with the neck by its edges.',
        );
    }
}
