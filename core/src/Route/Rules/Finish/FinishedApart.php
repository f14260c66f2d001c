<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Finish\NeckFinish;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Surface;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rule of order 3, bolted necks: body and neck are finished apart. */
final readonly class FinishedApart implements RouteRule
{
    public function name(): string
    {
        return 'A bolted neck is finished apart';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return in_array($specification->joinery->joint, [NeckJoint::BoltOn, NeckJoint::Mortise], true);
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $house = $draft->finish($specification->finishing->finish);
        (new CoatSequence(Surface::Body, $house))->addTo(
            $draft,
            [
                JointOperation::DryFit, BodyOperation::Sand, FinishOperation::Fill, FinishOperation::Stain,
                CoatStep::BodySeal, FinishOperation::Colour,
            ],
            'Coats go on a body that is fitted, filled and coloured.',
        );
        $neck = match (true) {
            $specification->boardIsLacquered(), $specification->finishing->neckFinish === NeckFinish::AsBody => $house,
            $specification->finishing->neckFinish === NeckFinish::Oil => $draft->finish(FinishSystem::WipingOil),
            default => null,
        };
        if ($neck !== null) {
            (new CoatSequence(Surface::Neck, $neck))->addTo(
                $draft,
                [JointOperation::DryFit, NeckOperation::Sand, FinishOperation::Mask],
                $specification->boardIsLacquered()
                    ? 'Neck and board are cleared together.'
                    : 'Coats go on a neck that is fretted and fitted, its board masked.',
            );
        }
    }
}
