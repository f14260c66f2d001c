<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\BoardFinish;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** A board that is oiled gets its oil when the mask is off. */
final readonly class OiledBoard implements RouteRule
{
    public function name(): string
    {
        return 'The board is oiled last';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->finishing->boardFinish === BoardFinish::Oiled;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('fretboard.oil', [Piece::Neck, Piece::Fretboard], ['finish'], why: 'Oil keeps the board from drying out.');
        $draft->after('fretboard.oil', ['fretboard.fret', 'finish.mask', 'finish.neck.polish', 'finish.polish', 'finish.neck.cure', 'finish.cure'], 'Oil creeps under a mask and keeps lacquer from sticking.', 'No finish holds where oil has crept.');
        $draft->after('assembly.hardware', 'fretboard.oil', 'The oil dries before hands go over it.');
    }
}
