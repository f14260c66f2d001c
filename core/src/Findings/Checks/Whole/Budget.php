<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Whole;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Money;

/** Parts stay within what was agreed. */
final class Budget implements Check
{
    public function judge(Workings $w): iterable
    {
        $budget = $w->specification->brief->budget;
        if ($budget === null || $w->partsCost === null) {
            return;
        }
        $agreed = Money::parse($budget, $w->partsCost->currency);
        if ($w->partsCost->minor > $agreed->minor) {
            yield Finding::warn('budget', 'Parts over their budget')
                ->says("The kit comes to {$w->partsCost}, {$agreed} is agreed.")
                ->because('Timber and parts at the house’s prices, with waste.')
                ->at('budget')
                ->fix("Agree on {$w->partsCost}", ['budget' => $w->partsCost->plain()]);
        }
    }
}
