<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Preparation;

use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\StepKey;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** No timber is cut before it has settled. */
final readonly class TimberSettles implements RouteRule
{
    public function name(): string
    {
        return 'Timber settles before it is cut';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        foreach (PartGroup::timber() as $blank) {
            $draft->after(
                Operations::cutting($blank),
                [PreparationOperation::SelectTimber, StepKey::forPart(PreparationOperation::SelectTimber, $blank)],
                'Timber that has not settled moves after it is cut.',
                'What has been cut true warps, and the piece is lost.',
            );
        }
    }
}
