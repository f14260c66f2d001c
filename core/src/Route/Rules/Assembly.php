<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Everything goes together on cured finish. */
final readonly class Assembly implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('assembly.hardware', [Piece::Neck, Piece::Fretboard, Piece::Body], ['hardware']);
        $draft->after('assembly.hardware', ['finish.body.cure', 'finish.neck.cure', 'finish.cure', 'finish.body.polish', 'finish.neck.polish', 'finish.polish'], 'Hardware prints into finish that has not cured.');
        $draft->after('assembly.hardware', 'fretboard.fret', 'The neck goes on with its frets in.');
        $draft->after('assembly.hardware', 'electronics.install', 'Covers close what has been tap-tested.');
    }
}
