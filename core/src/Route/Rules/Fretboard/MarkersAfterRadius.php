<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Fretboard;

use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Markers in the radiused board. */
final readonly class MarkersAfterRadius implements RouteRule
{
    public function name(): string
    {
        return 'Markers after the radius';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->board->markers !== MarkerShape::None && $methods->is(Question::Markers, 'after');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            FretboardOperation::Markers, FretboardOperation::Radius,
            'Their depth is taken from the surface that stays.',
        );
    }
}
