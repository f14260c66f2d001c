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
        $draft->add(
            NeckOperation::Carve,
            $methods->is(Question::Carve, 'before') ? [Piece::Neck] : [Piece::Neck, Piece::Fretboard],
            why: 'It gives the neck its feel, from the first fret to the heel.',
        );
        $draft->after(
            NeckOperation::Carve, [NeckOperation::Outline, NeckOperation::Rods],
            'The curve runs from edge to edge of the outline.',
        );
        $draft->after(
            NeckOperation::Carve, NeckOperation::Channel, 'The channel’s depth says how much timber is left under it.',
            'The carve can break through into the channel.',
        );
        $draft->add(NeckOperation::Sand, [Piece::Neck, Piece::Fretboard], why: 'The hand feels every scratch.');
        $draft->after(
            NeckOperation::Sand, [NeckOperation::Carve, FretboardOperation::Glue],
            'Sanding smooths what the carving left.',
        );
        $draft->after(
            NeckOperation::Sand, FretboardOperation::Sand, 'Board and neck are brought to one line at their edges.',
        );
    }
}
