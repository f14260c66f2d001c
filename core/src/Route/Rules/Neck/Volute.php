<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Neck;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A volute behind the nut is shaped before the neck is sanded. */
final readonly class Volute implements RouteRule
{
    public function name(): string
    {
        return 'The volute before sanding';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->neck->volute;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(NeckOperation::Volute, [Piece::Neck], why: 'It strengthens the place where necks break.');
        $draft->after(
            NeckOperation::Volute, HeadstockOperation::Thickness, 'The plane stops short of it; the rest is carved.',
            'A headstock brought to thickness afterwards takes the volute away.',
        );
        $draft->after(NeckOperation::Sand, NeckOperation::Volute, 'It is sanded together with the neck.');
    }
}
