<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Headstock;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Tuner holes in the headstock at its thickness. */
final readonly class TunerHolesAfter implements RouteRule
{
    public function name(): string
    {
        return 'Tuner holes after the thickness';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->head->headstock->hasPosts() && $methods->is(Question::TunerHoles, 'after');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            HeadstockOperation::TunerHoles, HeadstockOperation::Thickness,
            'Holes drilled before thicknessing tear out and wander.',
        );
    }
}
