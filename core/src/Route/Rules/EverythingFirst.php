<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Question;
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
        $draft->add('parts.measure', [], BoughtPart::keys($specification), why: 'What arrives often differs from its data sheet; the drawing is corrected while it is only a drawing.');
        $draft->after('parts.measure', 'parts.order', 'Only what has been ordered arrives.');
        foreach (BoughtPart::of($specification) as $part) {
            $draft->after($part->cuts(), 'parts.measure', BoughtPart::REASON, BoughtPart::SPOILS);
        }
        foreach (Blank::cases() as $blank) {
            $draft->after($blank->cuts(), 'parts.measure', 'What arrives often differs from its data sheet: it is measured before any cut.');
        }
    }
}
