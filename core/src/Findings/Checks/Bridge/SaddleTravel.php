<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Bridge;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Each saddle reaches its compensation within its travel (G14). */
final class SaddleTravel implements Check
{
    public function judge(Workings $w): iterable
    {
        $travel = $w->scaleLine()->travel();
        $saddles = $w->scaleLine()->saddles();
        $shares = [$travel->shareOf($saddles->from), $travel->shareOf($saddles->to)];
        [$least, $most] = $w->specification->bridgework->bridge->isGlued() ? [0.0, 1.0] : [0.2, 0.8];
        if ($shares[0] >= $least - 1e-6 && $shares[1] <= $most + 1e-6) {
            return;
        }
        $middle = ($saddles->from + $saddles->to) / 2 - $w->specification->middleScale()->mm;
        $front = round($middle - $travel->length() / 2, 2);
        $long = Words::up(max($travel->length(), $saddles->length() / ($most - $least) + 0.2));
        yield Finding::when(
            $shares[0] < 0.0 || $shares[1] > 1.0,
            'saddle-travel',
            'Saddles at the end of their travel',
        )
            ->says(
                'The foremost would stand at '.Words::number(100 * $shares[0], 0).' %, the hindmost at '
                .Words::number(100 * $shares[1], 0).' % of '.Words::mm($travel->length()).'.',
            )
            ->because('The instrument cannot be set in tune along the board.')
            ->at('saddleFront', 'saddleTravel')
            ->fixBy([
                [
                    'Move the bridge by '.Words::mm($front - $w->specification->bridgework->saddleFront->mm),
                    ['saddleFront' => Words::typed($front, 2)],
                ],
                [
                    'Take a bridge with '.Words::mm($long).' of travel and move it to match',
                    ['saddleTravel' => Words::typed($long), 'saddleFront' => Words::typed($middle - $long / 2, 2)],
                ],
            ]);
    }
}
