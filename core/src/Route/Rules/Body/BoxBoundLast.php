<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Body;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The joint first, and bindings up to the heel. */
final readonly class BoxBoundLast implements RouteRule
{
    public function name(): string
    {
        return 'Bindings end at the fitted heel';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isBox() && $specification->bodywork->bodyBinding->mm > 0 && $methods->is(Question::BoxBinding, 'after');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(BoxOperation::Bind, JointOperation::Pocket, 'Bindings are fitted to the heel that is there.');
    }
}
