<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** The headstock is as thick as its tuners need. */
final class HeadstockThickness implements Check
{
    public function judge(Workings $w): iterable
    {
        $head = $w->specification->head;
        $thick = $head->headThickness->mm;
        if ($thick < $head->tunerLeast->mm || $thick > $head->tunerMost->mm) {
            $to = max($head->tunerLeast->mm, min($head->tunerMost->mm, $thick));
            yield Finding::stop('headstock-thickness', 'Tuners do not fit the headstock', Words::mm($thick).' thick; the tuners take '.Words::number($head->tunerLeast->mm).' to '.Words::mm($head->tunerMost->mm).'.', $thick < $to ? 'The bushing bottoms before it clamps.' : 'The bushing does not reach the thread.', 'headThickness', 'tunerLeast', 'tunerMost')
                ->mend('headstock '.Words::number($to), ['headThickness' => Words::typed($to)]);
        } elseif ($thick < 13.0) {
            yield Finding::warn('headstock-thin', 'Thin headstock', Words::mm($thick).'; 14 to 16 is usual.', 'It breaks when the instrument falls.', 'headThickness')->mend('headstock 14', ['headThickness' => '14 mm']);
        }
    }
}
