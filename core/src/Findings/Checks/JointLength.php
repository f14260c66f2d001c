<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\NeckJoint;

/** The joint is long enough. */
final class JointLength implements Check
{
    public function judge(Workings $w): iterable
    {
        $joint = $w->specification->joinery;
        if (in_array($joint->joint, [NeckJoint::BoltOn, NeckJoint::Set], true) && $joint->pocketLength->mm < 50.0) {
            yield Finding::warn('joint-length', 'Short joint', Words::mm($joint->pocketLength->mm, 0).' long; 65 to 85 is usual.', 'Leverage of the strings opens it.', 'pocketLength')->mend('pocket 70 long', ['pocketLength' => '70 mm']);
        }
    }
}
