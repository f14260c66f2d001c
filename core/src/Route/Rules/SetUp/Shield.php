<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Electrics\Shielding;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Cavities are shielded when the finish has cured. */
final readonly class Shield implements RouteRule
{
    public function name(): string
    {
        return 'Shielding on cured finish';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->electrics->shielding !== Shielding::None && $specification->electrics->pickups !== [];
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(ElectronicsOperation::Shield, [Piece::Body], why: 'It keeps hum out.');
        $draft->after(
            ElectronicsOperation::Shield,
            [
                CoatStep::BodyCure, CoatStep::Cure, CoatStep::BodyPolish, FinishOperation::Polish,
                BodyOperation::Cavities,
            ],
            'Shielding is painted or stuck into cavities whose finish has cured.',
            'Solvent in uncured finish lifts the shield.',
        );
        $draft->after(
            ElectronicsOperation::Install, ElectronicsOperation::Shield, 'The wires lie on the shield.',
            'Behind the wires nothing can be shielded any more.',
        );
    }
}
