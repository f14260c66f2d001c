<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The back of the neck: carved and sanded, when nothing needs it square any more. */
final readonly class NeckCarving implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('neck.carve', [Piece::Neck, Piece::Fretboard]);
        $draft->after('neck.carve', 'fretboard.radius', 'Until the radius is done the square back is the reference.');
        $draft->after('neck.carve', 'neck.tuner-holes', 'The drill needs the headstock lying flat on a square neck.');
        $draft->add('neck.sand', [Piece::Neck, Piece::Fretboard]);
        $draft->after('neck.sand', 'neck.carve', 'Sanding smooths what the carving left.');
        $draft->after('neck.sand', 'fretboard.sand', 'Board and neck are brought to one line at their edges.');
    }
}
