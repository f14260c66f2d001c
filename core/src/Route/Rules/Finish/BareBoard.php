<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Rule of order 2: an oily or oiled board is fretted first and masked. */
final readonly class BareBoard implements RouteRule
{
    public function name(): string
    {
        return 'A bare board is masked from the finish';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return ! $specification->boardIsLacquered();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(FinishOperation::Mask, [Piece::Neck, Piece::Fretboard], why: 'Finish stays off the board.');
        $draft->after(
            FinishOperation::Mask,
            FretboardOperation::Fret,
            'An oily or oiled board is fretted first and then masked from the finish.',
            'Fretting over a finished neck marks it, and the mask has to come off.',
        );
        $draft->after(
            FinishOperation::Mask,
            [NeckOperation::Sand, JointOperation::GlueNeck, JointOperation::DryFit],
            'The mask goes on when no more sanding or fitting would lift it.',
        );
    }
}
