<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Brief\InstrumentType;

/** Wound strings rest on an estimate until their maker’s figure is known (S1). */
final class UnknownMass implements Check
{
    public function judge(Workings $w): iterable
    {
        if ($w->pull()->estimated && ($w->specification->brief->type === InstrumentType::Bass || $w->specification->isNylon())) {
            yield Finding::note('string-mass', 'Pull by an estimate')
                ->says($w->specification->isNylon() ? 'Nylon strings are computed by a usual make-up and come out within about 10 %.' : 'Wound strings are computed with a core of 42 % and come out within about 5 %.')
                ->because('The maker’s mass per length makes it exact.')
                ->at('unitMasses');
        }
    }
}
