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

/** Bindings first, and the joint through them. */
final readonly class BoxBoundFirst implements RouteRule
{
    public function name(): string
    {
        return 'The joint is cut through the bindings';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isBox() && $specification->bodywork->bodyBinding->mm > 0 && $methods->is(Question::BoxBinding, 'before');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(JointOperation::Pocket, BoxOperation::Bind, 'The neck’s joint cuts through the bindings.');
    }
}
