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

/** Side markers in the square edge. */
final readonly class SideMarkers implements RouteRule
{
    public function name(): string
    {
        return 'Side markers in a square edge';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->board->sideMarkers->mm > 0;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $off = $methods->is(Question::Frets, 'off');
        $draft->add(
            FretboardOperation::SideMarkers, $off ? [Piece::Fretboard] : [Piece::Neck, Piece::Fretboard],
            why: 'They are what the player sees.',
        );
        $draft->after(
            FretboardOperation::SideMarkers,
            $off
                ? [FretboardOperation::Taper, FretboardOperation::Binding]
                : [FretboardOperation::Glue, FretboardOperation::Binding],
            $off ? 'They sit in the board’s finished edge.' : 'They sit on the line where board and neck meet.',
        );
        $draft->after(
            FretboardOperation::Radius, FretboardOperation::SideMarkers, 'Side markers want the edge still square.',
        );
    }
}
