<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Timber beside the rod’s channel. */
final class RodWidth implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->neck->rodLength->mm > 0 && $s->neck->rods > 1) {
            yield from $this->two($w);

            return;
        }
        $beside = ($s->board->nutWidth->mm - $s->neck->rodWidth->mm) / 2;
        if ($s->neck->rodLength->mm > 0 && $beside < 12.0) {
            yield Finding::warn('rod-width', 'Little timber beside the channel')
                ->says(Words::mm($beside).' on each side at the nut.')
                ->because('The carved sides are thinnest there.')
                ->at('rodWidth', 'nutWidth')
                ->fixBy([
                    [
                        'Cut the channel '.Words::mm(Words::down($s->board->nutWidth->mm - 24.0, 2), 2).' wide',
                        $s->board->nutWidth->mm >= 27.0 ? [
                            'rodWidth' => Words::typed(Words::down($s->board->nutWidth->mm - 24.0, 2), 2),
                        ] : null,
                    ],
                    ['Take stiffening rods instead', ['rodLength' => '0', 'stiffeningRods' => 'yes']],
                ]);
        }
    }

    /** @return iterable<Finding> */
    private function two(Workings $w): iterable
    {
        $s = $w->specification;
        $beside = ($s->board->nutWidth->mm - $s->neck->rodSpacing->mm - $s->neck->rodWidth->mm) / 2;
        $between = $s->neck->rodSpacing->mm - $s->neck->rodWidth->mm;
        if ($beside >= 9.0 && $between >= 5.0) {
            return;
        }
        $spacing = Words::down($s->board->nutWidth->mm - 18.0 - $s->neck->rodWidth->mm);
        yield Finding::when($between <= 0.0 || $beside < 4.0, 'two-rods', 'Two rods have little timber round them')
            ->says(Words::mm(max(0.0, $between)).' stays between the channels and '.Words::mm($beside).' beside each at the nut.')
            ->because('The wall between them breaks out, or the carved sides are thin.')
            ->at('rodSpacing', 'rods', 'nutWidth')
            ->fixBy([
                ['Set them '.Words::mm($spacing).' apart', $spacing - $s->neck->rodWidth->mm >= 5.0 && $spacing <= 60.0 ? ['rodSpacing' => Words::typed($spacing)] : null],
                ['Take one rod', ['rods' => '1']],
                ['Take one rod and stiffening rods', ['rods' => '1', 'stiffeningRods' => 'yes', 'rodWidth' => '']],
            ]);
    }
}
