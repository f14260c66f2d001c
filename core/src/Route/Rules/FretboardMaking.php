<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\MarkerShape;
use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The board on its own: thickness, slots, taper, markers. */
final readonly class FretboardMaking implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('fretboard.thickness', [Piece::Fretboard]);
        $draft->add('fretboard.slots', [Piece::Fretboard]);
        $draft->after('fretboard.slots', 'fretboard.thickness', 'The depth of the slots is taken from the finished thickness.');
        $draft->add('fretboard.taper', [Piece::Fretboard]);
        $draft->after('fretboard.taper', 'fretboard.slots', 'The centre line is taken from the slots.');
        if ($specification->board->markers !== MarkerShape::None) {
            $draft->add('fretboard.markers', [Piece::Fretboard]);
            $draft->after('fretboard.markers', 'fretboard.taper', 'On the flat and tapered board the centres are easy to find.');
        }
    }
}
