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

/** Fret slots in the board on its own. */
final readonly class SlotsBeforeGlueing implements RouteRule
{
    public function name(): string
    {
        return 'Slots before the board is glued';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::Slots, 'before');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(FretboardOperation::Slots, [Piece::Fretboard], why: 'The slots are the scale.');
        $draft->after(
            FretboardOperation::Slots, FretboardOperation::Thickness,
            'The depth of the slots is taken from the finished thickness.',
        );
        $draft->after(
            FretboardOperation::Taper, FretboardOperation::Slots, 'The centre line is taken from the slots.',
            'Slots in a tapered board have no square edge to be cut from.',
        );
        $draft->after(
            FretboardOperation::Glue, FretboardOperation::Slots, 'A spoiled slot then costs a board, not a neck.',
            'A spoiled slot now spoils the neck too.',
        );
    }
}
