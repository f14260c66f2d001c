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

/** Markers in the flat board. */
final readonly class MarkersBeforeRadius implements RouteRule
{
    public function name(): string
    {
        return 'Markers before the radius';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->board->markers !== MarkerShape::None && $methods->is(Question::Markers, 'before');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            FretboardOperation::Radius,
            FretboardOperation::Markers,
            'Markers are set flat and square, so before the radius; their depth allows for it.',
        );
        if ($methods->is(Question::Slots, 'before')) {
            $draft->after(
                FretboardOperation::Glue, FretboardOperation::Markers,
                'The markers are let in while the board lies flat on its own.',
            );
        }
    }
}
