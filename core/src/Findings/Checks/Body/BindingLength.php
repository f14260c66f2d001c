<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Binding goes round in one strip, or its joint is planned (G19). */
final class BindingLength implements Check
{
    /** Strips are sold about so long, in mm. */
    private const STRIP_MM = 1650.0;

    public function judge(Workings $w): iterable
    {
        $body = $w->specification->bodywork;
        if ($body->bodyBinding->mm > 0 && $w->body()->binding()->value > self::STRIP_MM) {
            yield Finding::note('binding-length', 'One strip of binding does not go round')
                ->says(
                    Words::mm($w->body()->binding()->value, 0).' with a tenth for the joints; strips are about '
                    .Words::number(self::STRIP_MM, 0).'.',
                )
                ->because('Plan where the two meet: under the neck joint or at the end, where a cover hides it.')
                ->at('bodyBinding', 'bodyWidth')
                ->fix('Leave the binding out', ['bodyBinding' => '0']);
        }
        if ($body->bodyBinding->mm > 0 && $body->bodyBindingHeight->mm > $w->specification->bodyThickness()->mm / 2) {
            yield Finding::stop('binding-height', 'Binding ledges meet')
                ->says(
                    Words::mm($body->bodyBindingHeight->mm).' on '.Words::mm($w->specification->bodyThickness()->mm)
                        .'.',
                )
                ->because('Two ledges of that height leave nothing between them.')
                ->at('bodyBindingHeight', 'bodyBinding')
                ->fix('Make it 6 mm high', ['bodyBindingHeight' => '6 mm']);
        }
    }
}
