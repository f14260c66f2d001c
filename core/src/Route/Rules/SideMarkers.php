<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\Question;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

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
        $draft->add('fretboard.side-markers', $off ? [Piece::Fretboard] : [Piece::Neck, Piece::Fretboard], why: 'They are what the player sees.');
        $draft->after('fretboard.side-markers', $off ? ['fretboard.taper', 'fretboard.binding'] : ['fretboard.glue', 'fretboard.binding'], $off ? 'They sit in the board’s finished edge.' : 'They sit on the line where board and neck meet.');
        $draft->after('fretboard.radius', 'fretboard.side-markers', 'Side markers want the edge still square.');
    }
}
