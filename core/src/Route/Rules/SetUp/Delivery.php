<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

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
        $draft->add(
            AssemblyOperation::Inspect,
            [Piece::Neck, Piece::Fretboard, Piece::Body],
            why: 'Everything that was promised is measured, weighed and photographed.',
        );
        $draft->after(
            AssemblyOperation::Inspect, AssemblyOperation::StringUp,
            'The neck moves for two or three days under tension.',
        );
        $draft->add(AssemblyOperation::Pack, [], why: 'It leaves with its care sheet.');
        $draft->after(AssemblyOperation::Pack, AssemblyOperation::Inspect, 'What leaves the shop has been inspected.');
    }
}
