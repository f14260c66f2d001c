<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Headstock;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Units\Words;

/** Tuners set through the side need timber over and under their holes. */
final class SideTuners implements Check
{
    /** Over and under a hole, in mm; common practice. */
    private const LEAST = 4.0;

    public function judge(Workings $w): iterable
    {
        $head = $w->specification->head;
        $left = ($head->headThickness->mm - $head->tunerHole->mm) / 2;
        if ($head->tuners !== TunerPlace::Side || $left >= self::LEAST - 1e-6) {
            return;
        }
        $thick = $head->tunerHole->mm + 2 * self::LEAST;
        yield Finding::when($left < self::LEAST / 2, 'side-tuners', 'Headstock too thin for tuners through its side')
            ->says(Words::mm($left).' of timber over and under a hole of '.Words::mm($head->tunerHole->mm).'.')
            ->because('The drill comes out of the face, or the edge splits under the tuner’s screw.')
            ->at('headThickness', 'tunerHole', 'tuners')
            ->fixBy([
                ['Make the headstock '.Words::mm($thick).' thick', $thick <= 30.0 ? ['headThickness' => Words::typed($thick, 2)] : null],
                ['Set the tuners through the face', ['tuners' => TunerPlace::Face->value]],
                ['Set the tuners through the face and take the usual thickness', ['tuners' => TunerPlace::Face->value, 'headThickness' => '']],
            ]);
    }
}
