<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\Question;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

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
        $draft->add('fretboard.slots', [Piece::Neck, Piece::Fretboard], why: 'The slots are the scale; cut on the neck they are square to it.');
        $draft->after('fretboard.slots', 'fretboard.glue', 'They are cut square to the neck’s centre line.');
        $draft->after('fretboard.slots', 'fretboard.radius', 'They follow the arc to one depth under it.', 'The slots are deep in the middle and shallow at the edges.');
        $draft->after('fretboard.sand', 'fretboard.slots', 'The saw leaves burrs.');
        $draft->after('fretboard.fret', 'fretboard.slots', 'Frets sit in slots.', 'There is nothing for the frets to sit in.');
    }
}
