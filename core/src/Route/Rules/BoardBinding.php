<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Binding along the board, on the tapered board before it is glued. */
final readonly class BoardBinding implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->board->boardBinding->mm > 0;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('fretboard.binding', [Piece::Fretboard], ['binding']);
        $draft->after('fretboard.binding', 'fretboard.taper', 'It follows the tapered edge; glue is kept out of the slots.');
        $draft->after('fretboard.glue', 'fretboard.binding', 'The bound board is lined up as one.');
    }
}
