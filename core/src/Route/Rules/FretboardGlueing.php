<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The board goes on the neck; from here on the two are one piece. */
final readonly class FretboardGlueing implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $together = [Piece::Neck, Piece::Fretboard];
        $draft->add('fretboard.glue', $together);
        $draft->after('fretboard.glue', 'fretboard.slots', 'A spoiled slot then costs a board, not a neck.');
        $draft->after('fretboard.glue', 'fretboard.taper', 'The tapered board is lined up with the neck by its edges.');
        $draft->after('fretboard.glue', 'fretboard.markers', 'The markers are let in while the board lies flat on its own.');
        $draft->after('fretboard.glue', 'neck.channel', 'The rod is in and tested before the board closes it.');
        $draft->after('fretboard.glue', 'neck.outline', 'The board is lined up with the edges of the neck.');
        if ($specification->board->sideMarkers->mm > 0) {
            $draft->add('fretboard.side-markers', $together);
            $draft->after('fretboard.side-markers', 'fretboard.glue', 'They sit on the line where board and neck meet.');
        }
        $draft->add('fretboard.radius', $together);
        $draft->after('fretboard.radius', 'fretboard.side-markers', 'Side markers want the edge still square.');
        $draft->after('fretboard.radius', 'fretboard.markers', 'Markers are set flat and square, so before the radius.');
        $draft->after('fretboard.radius', 'fretboard.glue', 'The neck, still square, is the flat reference.');
        $draft->add('fretboard.sand', $together);
        $draft->after('fretboard.sand', 'fretboard.radius', 'Fine sanding follows the block.');
    }
}
