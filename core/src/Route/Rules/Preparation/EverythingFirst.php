<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Preparation;

use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Nothing is cut before every part is there and measured. */
final readonly class EverythingFirst implements RouteRule
{
    public function name(): string
    {
        return 'Everything is measured before the first cut';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::Cutting, 'everything');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $parts = MeasuredParts::of($specification);
        $why = 'What arrives often differs from its data sheet; the drawing is corrected while it is only a drawing.';
        $draft->add(PreparationOperation::MeasureParts, [], $parts, why: $why);
        $draft->after(PreparationOperation::MeasureParts, PreparationOperation::OrderParts, MeasuredParts::ORDERED);
        foreach ($parts as $part) {
            $draft->after(
                Operations::cutting($part), PreparationOperation::MeasureParts, MeasuredParts::REASON,
                MeasuredParts::SPOILS,
            );
        }
        foreach (PartGroup::timber() as $blank) {
            $draft->after(
                Operations::cutting($blank),
                PreparationOperation::MeasureParts,
                'What arrives often differs from its data sheet: it is measured before any cut.',
            );
        }
    }
}
