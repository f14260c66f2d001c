<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Box;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Timber\Plate;

/** What the tables do not know of a top is said rather than guessed (F4). */
final class UnknownPlate implements Check
{
    public function judge(Workings $w): iterable
    {
        $top = $w->specification->bodywork->layers[0];
        if ($w->specification->isBox() && (new Plate($top->timber, $top->thickness))->along() === null) {
            yield Finding::note('plate-unknown', 'The top’s stiffness is not known')
                ->says("{$top->timber->name} is in none of the tables.")
                ->because('Its thickness is found by tapping and bending it, as always; no figure compares it here.')
                ->at('layers.0.timber');
        }
    }
}
