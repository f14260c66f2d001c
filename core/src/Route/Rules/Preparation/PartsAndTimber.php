<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Preparation;

use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\StepKey;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/**
 * Parts are ordered from the drawing; timber settles in the shop, all of it at once or, where it is cut as it comes,
 * each piece's when it is there.
 */
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
        $draft->add(PreparationOperation::OrderParts, [], why: 'Lead times are the longest waits of a build.');
        $draft->after(
            PreparationOperation::OrderParts, PreparationOperation::Draw, 'The drawing says which parts fit.',
        );
        $why = 'Timber that is chosen, weighed and dry enough stays where it is put.';
        if ($methods->is(Question::Cutting, 'timber')) {
            foreach (PartGroup::timber() as $blank) {
                $selected = StepKey::forPart(PreparationOperation::SelectTimber, $blank);
                $draft->addShare(
                    $selected, PreparationOperation::SelectTimber, $blank, count(PartGroup::timber()),
                    "select {$blank->words()}, read moisture", $why,
                );
                $draft->after($selected, PreparationOperation::Agree, self::NAMED);
            }
        } else {
            $draft->add(PreparationOperation::SelectTimber, [], why: $why);
            $draft->after(PreparationOperation::SelectTimber, PreparationOperation::Agree, self::NAMED);
        }
    }
}
