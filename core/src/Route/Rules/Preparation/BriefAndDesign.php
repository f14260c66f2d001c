<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Preparation;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\PreparationOperation;
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
        $draft->add(PreparationOperation::Agree, [], why: 'Everything else follows from what is agreed.');
        $draft->add(
            PreparationOperation::Draw,
            [],
            why: 'At full size it shows whether everything fits, on paper, where it costs nothing.',
        );
        $draft->after(
            PreparationOperation::Draw, PreparationOperation::Agree, 'Only an agreed specification can be drawn.',
        );
        $draft->add(PreparationOperation::MakeTemplates, [], why: 'Every outline is cut from a template or a file.');
        $draft->after(
            PreparationOperation::MakeTemplates, PreparationOperation::Draw,
            'Templates are taken from the drawing that has been checked.',
        );
    }
}
