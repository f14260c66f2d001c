<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Headstock;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Tuner holes in the square blank. */
final readonly class TunerHolesBefore implements RouteRule
{
    public function name(): string
    {
        return 'Tuner holes before the headstock is cut';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->head->headstock->hasPosts() && $methods->is(Question::TunerHoles, 'before');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            HeadstockOperation::TunerHoles, [HeadstockOperation::Construct, HeadstockOperation::Wings],
            'They are drilled through what the headstock is made of.',
        );
        $draft->after(
            NeckOperation::Outline, HeadstockOperation::TunerHoles, 'The template still lies against square edges.',
        );
        $draft->after(
            HeadstockOperation::Thickness, HeadstockOperation::TunerHoles,
            'The thicknessing cleans the edges of the holes.',
        );
    }
}
