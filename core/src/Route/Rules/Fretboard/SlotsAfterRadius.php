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

/** Fret slots sawn from the arc, in the board on its neck. */
final readonly class SlotsAfterRadius implements RouteRule
{
    public function name(): string
    {
        return 'Slots after the radius';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::Slots, 'arc');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FretboardOperation::Slots, [Piece::Neck, Piece::Fretboard],
            why: 'The slots are the scale; cut on the neck they are square to it.',
        );
        $draft->after(
            FretboardOperation::Slots, FretboardOperation::Glue, 'They are cut square to the neck’s centre line.',
        );
        $draft->after(
            FretboardOperation::Slots, FretboardOperation::Radius, 'They follow the arc to one depth under it.',
            'The slots are deep in the middle and shallow at the edges.',
        );
        $draft->after(FretboardOperation::Sand, FretboardOperation::Slots, 'The saw leaves burrs.');
        $draft->after(
            FretboardOperation::Fret, FretboardOperation::Slots, 'Frets sit in slots.',
            'There is nothing for the frets to sit in.',
        );
    }
}
