<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Question;
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
        $parts = BoughtPart::of($specification);
        foreach ($parts as $part) {
            $draft->add("parts.measure.{$part->value}", [], [$part->value], standard: 'parts.measure', name: "measure {$part->words()}", why: 'What arrives often differs from its data sheet.', share: 1 / count($parts));
            $draft->after("parts.measure.{$part->value}", 'parts.order', 'Only what has been ordered arrives.');
            $draft->after($part->cuts(), "parts.measure.{$part->value}", BoughtPart::REASON, BoughtPart::SPOILS);
        }
    }
}
