<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** A set pulls evenly (S3). */
final class UnevenSet implements Check
{
    public function judge(Workings $w): iterable
    {
        if ($w->specification->isDoubled() || $w->pull()->spread() <= 1.7) {
            return;
        }
        $each = $w->pull()->each;
        $weakest = (int) array_search($w->pull()->weakest(), $each, true);
        $strongest = (int) array_search($w->pull()->strongest(), $each, true);
        yield Finding::warn('uneven-set', 'An uneven set', 'String '.($strongest + 1).' pulls '.Words::number($w->pull()->strongest()).' N, string '.($weakest + 1).' '.Words::number($w->pull()->weakest()).' N.', 'The neck twists and the strings feel unlike each other.', 'gauges', 'tuning')
            ->mend('the usual set', $w->clientSays('gauges') ? ['gauges' => ''] : null)->mend('the usual tuning', $w->clientSays('tuning') ? ['tuning' => ''] : null);
    }
}
