<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The rod’s channel, cut from the square edge and tested before it is closed. */
final readonly class TrussRod implements RouteRule
{
    public function name(): string
    {
        return 'The channel is cut from a square edge';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->neck->rodLength->mm > 0;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('neck.channel', [Piece::Neck], ['truss-rod'], why: 'The rod runs on the centre line; a first pass a hair deep shows whether it does.');
        $draft->after('neck.channel', 'neck.square', 'The channel is cut from the edge of the blank, which has to be square.', 'A channel off the centre line cannot be moved; the blank is lost.');
        $draft->after('neck.rough', 'neck.channel', 'The channel needs the square sides that roughing takes away.', 'Without its square sides the blank cannot be guided; the channel wanders.');
        $draft->after('neck.outline', 'neck.channel', 'The template is set to the centre line that the channel shows.');
        $draft->after('fretboard.glue', 'neck.channel', 'The rod is in and tested before the board closes it.', 'The board closes the channel; the neck has no rod.');
    }
}
