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

/** Open pores are filled before anything stands on them. */
final readonly class GrainFill implements RouteRule
{
    public function name(): string
    {
        return 'Pores are filled first';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->needsGrainFill();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(FinishOperation::Fill, [Piece::Body], why: 'Lacquer sinks into open pores for months.');
        $draft->after(
            FinishOperation::Fill, [BodyOperation::Sand, JointOperation::DryFit],
            'No hole is drilled and nothing is fitted after the finish has begun.',
            'What is cut after the finish has begun tears it.',
        );
    }
}
