<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Fretboard;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The board goes on the neck; from here on the two are one piece. */
final readonly class FretboardGlueing implements RouteRule
{
    public function name(): string
    {
        return 'The board goes on a flat neck';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FretboardOperation::Glue, [Piece::Neck, Piece::Fretboard], glue: $methods->glue(Question::JointGlue),
            why: 'From here on board and neck are one piece.',
        );
        $draft->after(
            FretboardOperation::Glue, NeckOperation::Outline, 'The board is lined up with the edges of the neck.',
        );
        $draft->after(
            FretboardOperation::Glue, NeckOperation::Square, 'It is glued to the planed face.',
            'On a face that is not flat the board pulls the neck crooked.',
        );
        $draft->add(
            FretboardOperation::Radius,
            $methods->is(Question::Frets, 'off') ? [Piece::Fretboard] : [Piece::Neck, Piece::Fretboard],
            why: 'It gives the playing surface its curve.',
        );
        $draft->after(FretboardOperation::Radius, FretboardOperation::Taper, 'The block follows the board’s edges.');
        $draft->add(
            FretboardOperation::Sand,
            $methods->is(Question::Frets, 'off') ? [Piece::Fretboard] : [Piece::Neck, Piece::Fretboard],
            why: 'Between frets there is no more sanding.',
        );
        $draft->after(FretboardOperation::Sand, FretboardOperation::Radius, 'Fine sanding follows the block.');
    }
}
