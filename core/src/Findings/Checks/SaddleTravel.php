<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\BridgeKind;

/** Each saddle reaches its compensation within its travel (G14). */
final class SaddleTravel implements Check
{
    public function judge(Workings $w): iterable
    {
        $travel = $w->scaleLine()->travel();
        $last = $w->specification->brief->strings - 1;
        $shares = [$travel->shareOf($w->scaleLine()->saddleAt(0)), $travel->shareOf($w->scaleLine()->saddleAt($last))];
        $fixed = $w->specification->bridgework->bridge === BridgeKind::Pinned;
        if (min($shares) >= ($fixed ? 0.0 : 0.2) && max($shares) <= ($fixed ? 1.0 : 0.8)) {
            return;
        }
        $front = $w->scaleLine()->compensation(0) / 2 + $w->scaleLine()->compensation($last) / 2 - $travel->length() / 2;
        yield Finding::when(min($shares) < 0.0 || max($shares) > 1.0, 'saddle-travel', 'Saddles at the end of their travel', 'The first would stand at '.Words::number(100 * $shares[0], 0).' %, the last at '.Words::number(100 * $shares[1], 0).' % of '.Words::mm($travel->length()).'.', 'The instrument cannot be set in tune along the board.', 'saddleFront', 'saddleTravel')
            ->mend('bridge moved by '.Words::number($front - $w->specification->bridgework->saddleFront->mm), ['saddleFront' => Words::typed($front)]);
    }
}
