<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Parts are ordered from the drawing; timber settles in the shop. */
final readonly class PartsAndTimber implements RouteRule
{
    public function name(): string
    {
        return 'Parts are ordered, timber settles';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('parts.order', [], why: 'Lead times are the longest waits of a build.');
        $draft->after('parts.order', 'design.draw', 'The drawing says which parts fit.');
        $draft->add('parts.timber', [], ['timber'], why: 'Timber that is chosen, weighed and dry enough stays where it is put.');
        $draft->after('parts.timber', 'brief.agree', 'The specification names the timbers.');
    }
}
