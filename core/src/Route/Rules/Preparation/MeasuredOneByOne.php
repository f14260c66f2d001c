<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Preparation;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\StepKey;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Each part is measured when it is there: one that is late holds up only what is cut for it. */
final readonly class MeasuredOneByOne implements RouteRule
{
    public function name(): string
    {
        return 'Each part is measured before its own cut';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::Cutting, 'timber');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $parts = MeasuredParts::of($specification);
        foreach ($parts as $part) {
            $measured = StepKey::forPart(PreparationOperation::MeasureParts, $part);
            $why = 'What arrives often differs from its data sheet.';
            $draft->addShare(
                $measured, PreparationOperation::MeasureParts, $part, count($parts), "measure {$part->words()}", $why,
            );
            $draft->after($measured, PreparationOperation::OrderParts, MeasuredParts::ORDERED);
            $draft->after(Operations::cutting($part), $measured, MeasuredParts::REASON, MeasuredParts::SPOILS);
        }
    }
}
