<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** What the client wants, drawn at full size before any timber is cut. */
final readonly class BriefAndDesign implements RouteRule
{
    public function name(): string
    {
        return 'Agree and draw before cutting';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('brief.agree', [], why: 'Everything else follows from what is agreed.');
        $draft->add('design.draw', [], why: 'At full size it shows whether everything fits, on paper, where it costs nothing.');
        $draft->after('design.draw', 'brief.agree', 'Only an agreed specification can be drawn.');
        $draft->add('design.templates', [], why: 'Every outline is cut from a template or a file.');
        $draft->after('design.templates', 'design.draw', 'Templates are taken from the drawing that has been checked.');
    }
}
