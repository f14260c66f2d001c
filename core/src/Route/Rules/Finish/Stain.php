<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A stain goes into the bare timber. */
final readonly class Stain implements RouteRule
{
    public function name(): string
    {
        return 'Stain goes into bare timber';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isStained();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(FinishOperation::Stain, [Piece::Body], why: 'It colours the timber itself.');
        $draft->after(
            FinishOperation::Stain, [BodyOperation::Sand, JointOperation::DryFit],
            'No hole is drilled and nothing is fitted after the finish has begun.',
            'What is cut after the finish has begun tears it.',
        );
        $draft->after(
            FinishOperation::Stain,
            FinishOperation::Fill,
            'Filler is sanded back, which would take the stain with it.',
            'Sanding back the filler takes the stain with it: the side has to be stained again.',
        );
    }
}
