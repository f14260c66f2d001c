<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The bridge on the finished top. */
final readonly class BridgeAfterFinish implements RouteRule
{
    public function name(): string
    {
        return 'The cured finish is scraped away under the bridge';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isBox() && $methods->is(Question::GluedBridge, 'after');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            BoxOperation::GlueBridge, [CoatStep::BodyCure, CoatStep::Cure, CoatStep::BodyPolish, FinishOperation::Polish],
            'Under the bridge the cured finish is scraped away; around it nothing is sanded any more.', 'Glue holds on wood, not on finish: the bridge comes off under the strings.',
        );
        $draft->after(BoxOperation::GlueBridge, [JointOperation::GlueNeck, JointOperation::DryFit], 'The neck that it is measured from stays as it is.');
    }
}
