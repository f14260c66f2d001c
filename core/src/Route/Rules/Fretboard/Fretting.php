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

/** The frets go into a finely sanded board. */
final readonly class Fretting implements RouteRule
{
    public function name(): string
    {
        return 'Nobody sands between frets';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FretboardOperation::Fret,
            $methods->is(Question::Frets, 'off') ? [Piece::Fretboard] : [Piece::Neck, Piece::Fretboard],
            why: 'The frets are what is played.',
        );
        $draft->after(
            FretboardOperation::Fret,
            FretboardOperation::Radius,
            'The radius is cut while the board is bare.',
            'The frets are in the way: they have to be pulled before the board can be given its radius, and pulled '
                .'slots chip and hold worse.',
        );
        $draft->after(
            FretboardOperation::Fret, FretboardOperation::Sand, 'Nobody sands between frets.',
            'The board between the frets stays rough.',
        );
    }
}
