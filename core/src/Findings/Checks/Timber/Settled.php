<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Timber is settled before it is cut (T1). */
final class Settled implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $readings = [
            'neckMoisture' => ['Neck', $s->neck->neckMoisture], 'boardMoisture' => ['Board', $s->board->boardMoisture],
            'bodyMoisture' => ['Body', $s->bodywork->bodyMoisture],
        ];
        foreach ($readings as $field => [$name, $moisture]) {
            if ($moisture !== null && abs($moisture - $w->balance()) > 1.0) {
                yield Finding::warn("settled.{$field}", "{$name} timber, still settling")
                    ->says(
                        'Read '.Words::number($moisture).' %, the shop’s air gives '.Words::number($w->balance()).'.',
                    )
                    ->because(
                        $moisture > $w->balance()
                        ? 'It shrinks after it has been cut, and what was flat twists.'
                        : 'It swells after it has been cut.',
                    )
                    ->at($field, 'airHumidity')
                    ->from('Wood Handbook, FPL-GTR-282, chapter 4; within 1 % is common practice');
            }
        }
    }
}
