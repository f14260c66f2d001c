<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\Question;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The back of the neck: carved and sanded. */
final readonly class NeckCarving implements RouteRule
{
    public function name(): string
    {
        return 'The back is carved when nothing needs it square';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('neck.carve', $methods->is(Question::Carve, 'before') ? [Piece::Neck] : [Piece::Neck, Piece::Fretboard], why: 'It gives the neck its feel, from the first fret to the heel.');
        $draft->after('neck.carve', ['neck.outline', 'neck.rods'], 'The curve runs from edge to edge of the outline.');
        $draft->after('neck.carve', 'neck.channel', 'The channel’s depth says how much timber is left under it.', 'The carve can break through into the channel.');
        $draft->add('neck.sand', [Piece::Neck, Piece::Fretboard], why: 'The hand feels every scratch.');
        $draft->after('neck.sand', ['neck.carve', 'fretboard.glue'], 'Sanding smooths what the carving left.');
        $draft->after('neck.sand', 'fretboard.sand', 'Board and neck are brought to one line at their edges.');
    }
}
