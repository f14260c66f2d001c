<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Surface;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rule of order 3, glued necks: neck and body are cleared together. */
final readonly class FinishedTogether implements RouteRule
{
    public function name(): string
    {
        return 'A glued neck is cleared with its body';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->joinery->joint->isGlued();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $house = $draft->finish($specification->finishing->finish);
        (new CoatSequence(Surface::Both, $house))->addTo(
            $draft,
            [
                JointOperation::GlueNeck, JointOperation::Wings, JointOperation::DryFit, BodyOperation::Sand,
                NeckOperation::Sand, FinishOperation::Fill, FinishOperation::Stain, FinishOperation::Colour,
                FinishOperation::Mask,
            ],
            'Neck and body are cleared together once the neck is in, so that the film runs over the joint without a '
                .'line.',
        );
    }
}
