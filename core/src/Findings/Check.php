<?php

declare(strict_types=1);

namespace Regimen\Findings;

use Regimen\Figures\Workings;

/** One rule of the trade, judged on a specification with everything that is worked out from it. */
interface Check
{
    /** @return iterable<Finding> nothing when all is well */
    public function judge(Workings $w): iterable;
}
