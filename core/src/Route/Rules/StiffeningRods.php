<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rods beside the truss rod, glued into their own channels. */
final readonly class StiffeningRods implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->neck->stiffeningRods;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('neck.rods', [Piece::Neck], ['stiffening-rods']);
        $draft->after('neck.rods', 'neck.channel', 'Their channels are set out from the middle one, while the sides are square.');
        $draft->after('fretboard.glue', 'neck.rods', 'The board closes their channels.');
    }
}
