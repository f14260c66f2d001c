<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** What the client wants, drawn at full size before any timber is cut. */
final readonly class BriefAndDesign implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('brief.agree', []);
        $draft->add('design.draw', []);
        $draft->after('design.draw', 'brief.agree', 'Only an agreed specification can be drawn.');
        $draft->add('design.templates', []);
        $draft->after('design.templates', 'design.draw', 'Templates are taken from the drawing that has been checked.');
    }
}
