<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\NeckJoint;

/** Timber left under the neck pocket (G18). */
final class PocketFloor implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $floor = $s->bodyThickness()->mm - $s->joinery->pocketDepth->mm;
        $least = $s->joinery->joint === NeckJoint::BoltOn ? 12.0 : 8.0;
        if ($floor < $least && $s->joinery->joint !== NeckJoint::Through) {
            yield Finding::when($floor < 3.0, 'pocket-floor', 'Thin under the neck pocket', Words::mm($floor).' stay; '.Words::number($least, 0).' is the usual least.', 'All the strings pull on it.', 'pocketDepth', 'layers')
                ->mend('pocket '.Words::number($s->bodyThickness()->mm - $least).' deep', $s->bodyThickness()->mm - $least > 6 ? ['pocketDepth' => Words::typed($s->bodyThickness()->mm - $least)] : null);
        }
    }
}
