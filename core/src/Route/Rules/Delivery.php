<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Measured and set up again when it has settled, then handed over. */
final readonly class Delivery implements RouteRule
{
    public function name(): string
    {
        return 'Inspected when it has settled';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('delivery.inspect', [Piece::Neck, Piece::Fretboard, Piece::Body], why: 'Everything that was promised is measured, weighed and photographed.');
        $draft->after('delivery.inspect', 'set-up.string', 'The neck moves for two or three days under tension.');
        $draft->add('delivery.pack', [], why: 'It leaves with its care sheet.');
        $draft->after('delivery.pack', 'delivery.inspect', 'What leaves the shop has been inspected.');
    }
}
