<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Colour or burst stands on a sealed body. */
final readonly class ColourCoat implements RouteRule
{
    public function name(): string
    {
        return 'Colour stands on the sealer';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isColoured() && ! $specification->isStained();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            CoatStep::BodySeal,
            [Piece::Body],
            standard: FinishOperation::Seal,
            name: 'seal the body',
            why: 'On a sealed face the colour lies evenly and can be taken off again.',
        );
        $draft->after(
            CoatStep::BodySeal, [BodyOperation::Sand, JointOperation::DryFit, FinishOperation::Fill],
            'No hole is drilled and nothing is fitted after the finish has begun.',
            'What is cut after the finish has begun tears it.',
        );
        $draft->add(
            FinishOperation::Colour,
            [Piece::Body],
            standard: $specification->isBurst() ? FinishOperation::Burst : FinishOperation::Colour,
            why: 'It is what the client has asked for.',
        );
        $draft->after(
            FinishOperation::Colour, CoatStep::BodySeal, 'Colour sprayed on bare timber sinks in and turns blotchy.',
            'Colour in bare timber only comes out by sanding it away.',
        );
        $draft->after(
            FinishOperation::Colour, FinishOperation::Fill,
            'Filler is sanded back, which would take the colour with it.',
            'Sanding back the filler takes the colour with it.',
        );
    }
}
