<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The harness is wired on the bench. */
final readonly class Harness implements RouteRule
{
    public function name(): string
    {
        return 'The harness from measured parts';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->electrics->pickups !== [];
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(ElectronicsOperation::Harness, [], why: 'On the bench both hands reach every joint.');
        $draft->add(
            ElectronicsOperation::Install, [Piece::Body],
            why: 'A tap at every switch position tells whether it is right.',
        );
        $draft->after(
            ElectronicsOperation::Install, [ElectronicsOperation::Harness, BodyOperation::Wiring],
            'It is soldered on the bench first.',
        );
        $draft->after(
            ElectronicsOperation::Install,
            [CoatStep::BodyCure, CoatStep::Cure, CoatStep::BodyPolish, FinishOperation::Polish],
            'Pickups and pots go through finish that has cured.',
        );
    }
}
