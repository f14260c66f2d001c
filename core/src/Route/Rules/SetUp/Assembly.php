<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Everything goes together on cured finish. */
final readonly class Assembly implements RouteRule
{
    public function name(): string
    {
        return 'Hardware on cured finish';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            AssemblyOperation::Hardware, [Piece::Neck, Piece::Fretboard, Piece::Body],
            why: 'Everything was fitted dry before; now it stays.',
        );
        $draft->after(
            AssemblyOperation::Hardware,
            [
                CoatStep::BodyCure, CoatStep::NeckCure, CoatStep::Cure, CoatStep::BodyPolish,
                FinishOperation::PolishNeck, FinishOperation::Polish,
            ],
            'Hardware prints into finish that has not cured.',
            'The print stays in the finish.',
        );
        $draft->after(
            AssemblyOperation::Hardware, [FretboardOperation::Fret, NeckOperation::Sand],
            'The neck goes on with its frets in.', 'Behind an assembled neck the frets cannot be supported.',
        );
        $draft->after(
            AssemblyOperation::Hardware,
            [ElectronicsOperation::Install, BodyOperation::Sand, JointOperation::DryFit],
            'Covers close what has been tap-tested.',
        );
    }
}
