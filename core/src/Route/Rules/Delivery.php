<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Measured and set up again when it has settled, then handed over. */
final readonly class Delivery implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('delivery.inspect', [Piece::Neck, Piece::Fretboard, Piece::Body]);
        $draft->after('delivery.inspect', 'set-up.string', 'The neck moves for two or three days under tension.');
        $draft->add('delivery.pack', []);
        $draft->after('delivery.pack', 'delivery.inspect', 'What leaves the shop has been inspected.');
    }
}
