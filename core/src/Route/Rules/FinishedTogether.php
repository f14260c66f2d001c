<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\CoatSequence;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rule of order 3, set necks: neck and body are cleared together. */
final readonly class FinishedTogether implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->joinery->joint->isGlued();
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $house = $draft->finish($specification->finishing->finish);
        CoatSequence::onBoth($house)->addTo(
            $draft, $specification, $house,
            ['joint.glue-neck', 'finish.mask'],
            'Neck and body are cleared together once the neck is in, so that the film runs over the joint without a line.',
        );
    }
}
