<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Board;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Frets that fan are still reached by a hand (F1). */
final class SteepFan implements Check
{
    /** Degrees at the nut or at the last fret that hands still get used to; common practice. */
    private const MOST = 20.0;

    public function judge(Workings $w): iterable
    {
        $fan = $w->specification->fan();
        if ($fan === null) {
            return;
        }
        $frets = $w->specification->board->frets;
        $angles = ['nut' => $w->lines()->angle(0), 'last fret' => $w->lines()->angle($frets)];
        $steep = max(array_map(abs(...), $angles));
        if ($steep <= self::MOST) {
            return;
        }
        $where = abs($angles['nut']) === $steep ? 'nut' : 'last fret';
        $square = $where === 'nut' ? max(0, $fan->square - 3) : min($frets, $fan->square + 3);
        yield Finding::warn('steep-fan', 'Frets fan steeply')
            ->says('The '.$where.' stands '.Words::number($steep).'° out of square.')
            ->because('Hands reach chords there only with effort, and the nut is hard to cut.')
            ->at('squareFret', 'scaleTreble')
            ->fixBy([
                ["Let fret {$square} stand square", ['squareFret' => (string) $square]],
                ['Bring the scales nearer to each other', ['scaleTreble' => Words::typed($w->specification->board->scale->mm - 0.7 * ($fan->bass->mm - $fan->treble->mm))]],
                ['Take one scale', ['scaleTreble' => '']],
            ]);
    }
}
