<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Body\BridgeKind;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A bridge for each string: a recess for each, where they are let in, and a ground to each, where there are pickups. */
final readonly class SingleBridges implements RouteRule
{
    public function name(): string
    {
        return 'Each bridge has its place and its ground';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->bridgework->bridge === BridgeKind::Single;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        if ($specification->bridgework->bridgeRecess->mm > 0) {
            $draft->add(JointOperation::Recesses, [Piece::Body], why: 'Each bridge is let in under its own string.');
            $draft->after(JointOperation::Recesses, JointOperation::Bridge, 'Their line is set from the fitted neck first.', 'A recess beside its string is in the top for good.');
            $draft->after([JointOperation::DryFit, BodyOperation::Sand], JointOperation::Recesses, 'All cutting comes before the last sanding and the trial with strings.');
        }
        if ($specification->electrics->pickups !== []) {
            $draft->add(ElectronicsOperation::Grounds, [Piece::Body], why: 'Bridges that do not touch each other are not grounded by one wire.');
            $draft->after(
                ElectronicsOperation::Grounds,
                [BodyOperation::Wiring, JointOperation::Recesses, CoatStep::BodyCure, CoatStep::Cure, CoatStep::BodyPolish, FinishOperation::Polish],
                'Wires are laid under the bridges on cured finish.',
            );
            $draft->after(ElectronicsOperation::Install, ElectronicsOperation::Grounds, 'They end at the harness’s ground.');
            $draft->after(AssemblyOperation::Hardware, ElectronicsOperation::Grounds, 'Under a bridge that is on no wire is laid any more.');
        }
    }
}
