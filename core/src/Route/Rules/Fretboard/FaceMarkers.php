<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Fretboard;

use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Fretboard\SlotsSawn;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Face markers, let in with what the house sets them in. */
final readonly class FaceMarkers implements RouteRule
{
    public function name(): string
    {
        return 'Markers are let in';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->board->markers !== MarkerShape::None;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FretboardOperation::Markers,
            $methods->is(Question::Markers, 'before') && $methods->is(Question::Slots, 'before')
                || $methods->is(Question::Frets, 'off')
                ? [Piece::Fretboard]
                : [Piece::Neck, Piece::Fretboard],
            glue: $methods->glue(Question::MarkerGlue),
            why: 'They are what the client sees first.',
        );
        $draft->after(
            FretboardOperation::Markers, [FretboardOperation::Thickness, FretboardOperation::Taper],
            'The centres are found on the tapered board.',
        );
        if ($methods->slots() === SlotsSawn::FromTheFlat) {
            $draft->after(FretboardOperation::Markers, FretboardOperation::Slots, 'They sit midway between slots.');
        }
        $draft->after(FretboardOperation::Sand, FretboardOperation::Markers, 'They are sanded flush with the board.');
        $draft->after(
            FretboardOperation::Fret, FretboardOperation::Markers, 'Nobody lets in markers between frets.',
            'A router or drill between frets cuts into them.',
        );
    }
}
