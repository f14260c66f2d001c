<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Headstock;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Neck\HeadstockConstruction;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Units\Words;

/** An angled headstock in one piece asks for a thick blank (G11). */
final class HeadstockStock implements Check
{
    public function judge(Workings $w): iterable
    {
        $head = $w->specification->head;
        if (
            $head->headstock === HeadstockKind::Angled
            && $head->headConstruction === HeadstockConstruction::OnePiece
            && $w->head()->stockDepth()->value > 44.0
        ) {
            yield Finding::warn('headstock-stock', 'A blank deeper than is sold')
                ->says(
                    Words::mm($w->head()->stockDepth()->value).' of stock for '.Words::number($head->headAngle)
                    .'° in one piece.',
                )
                ->because(
                    'Neck blanks usually come up to 45 mm rough, 42 planed, and short grain runs across the headstock.',
                )
                ->at('headConstruction', 'headAngle')
                ->fix('Make it with a scarf joint', ['headConstruction' => 'scarf']);
        }
    }
}
