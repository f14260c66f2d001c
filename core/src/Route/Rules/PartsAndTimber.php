<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Question;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Parts are ordered from the drawing; timber settles in the shop, all of it at once or, where it is cut as it comes, each piece's when it is there. */
final readonly class PartsAndTimber implements RouteRule
{
    private const NAMED = 'The specification names the timbers.';

    public function name(): string
    {
        return 'Parts are ordered, timber settles';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('parts.order', [], why: 'Lead times are the longest waits of a build.');
        $draft->after('parts.order', 'design.draw', 'The drawing says which parts fit.');
        $why = 'Timber that is chosen, weighed and dry enough stays where it is put.';
        if ($methods->is(Question::Cutting, 'timber')) {
            foreach (Blank::cases() as $blank) {
                $draft->add($blank->selected(), [], [$blank->value], standard: 'parts.timber', name: "select {$blank->words()}, read moisture", why: $why, share: 1 / count(Blank::cases()));
                $draft->after($blank->selected(), 'brief.agree', self::NAMED);
            }
        } else {
            $draft->add('parts.timber', [], Blank::keys(), why: $why);
            $draft->after('parts.timber', 'brief.agree', self::NAMED);
        }
    }
}
