<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Headstock;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Neck\Headstock;
use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Units\Words;

/** The headstock is as thick as its tuners need. */
final class HeadstockThickness implements Check
{
    public function judge(Workings $w): iterable
    {
        if (! $w->specification->head->headstock->hasPosts() || $w->specification->head->tuners === TunerPlace::Side) {
            return;
        }
        $head = $w->specification->head;
        $thick = $head->headThickness->mm;
        if ($head->tunerLeast->mm > $head->tunerMost->mm) {
            yield $this->tunerLimits($head);
        } elseif ($thick < $head->tunerLeast->mm || $thick > $head->tunerMost->mm) {
            $to = max($head->tunerLeast->mm, min($head->tunerMost->mm, $thick));
            yield $this->headstockThickness($thick, $head, $to);
        } elseif ($thick < 13.0) {
            yield $this->headstockThin($thick, $head);
        }
    }

    private function tunerLimits(Headstock $head): Finding
    {
        return Finding::stop('tuner-limits', 'The tuners’ limits contradict each other')
            ->says(
                'At least '.Words::number($head->tunerLeast->mm).', at most '.Words::mm($head->tunerMost->mm).'.',
            )
            ->because('No headstock is as thick as both; the two may have been swapped.')
            ->at('tunerLeast', 'tunerMost')
            ->fixBy([
                [
                    'Swap them',
                    [
                        'tunerLeast' => Words::typed($head->tunerMost->mm, 2),
                        'tunerMost' => Words::typed($head->tunerLeast->mm, 2),
                    ],
                ],
                [
                    'Swap them and match the headstock',
                    [
                        'tunerLeast' => Words::typed($head->tunerMost->mm, 2),
                        'tunerMost' => Words::typed($head->tunerLeast->mm, 2),
                        'headThickness' => Words::typed(
                            max(8.0, min(30.0, ($head->tunerLeast->mm + $head->tunerMost->mm) / 2)),
                            2,
                        ),
                    ],
                ],
                ['Take the usual limits', ['tunerLeast' => '', 'tunerMost' => '', 'headThickness' => '']],
            ]);
    }

    private function headstockThickness(float $thick, Headstock $head, float $to): Finding
    {
        return Finding::stop('headstock-thickness', 'Tuners do not fit the headstock')
            ->says(
                Words::mm($thick).' thick; the tuners take '.Words::number($head->tunerLeast->mm).' to '
                .Words::mm($head->tunerMost->mm).'.',
            )
            ->because(
                $thick < $to ? 'The bushing bottoms before it clamps.' : 'The bushing does not reach the thread.',
            )
            ->at('headThickness', 'tunerLeast', 'tunerMost')
            ->fixBy([
                [
                    'Make the headstock '.Words::mm($to).' thick',
                    $to >= 8.0 && $to <= 30.0 ? ['headThickness' => Words::typed($to, 2)] : null,
                ],
                ['Take tuners of the usual size', ['tunerLeast' => '', 'tunerMost' => '']],
                [
                    'Take tuners and headstock of the usual size',
                    ['tunerLeast' => '', 'tunerMost' => '', 'headThickness' => ''],
                ],
            ]);
    }

    private function headstockThin(float $thick, Headstock $head): Finding
    {
        return Finding::warn('headstock-thin', 'Thin headstock')
            ->says(Words::mm($thick).'; 14 to 16 is usual.')
            ->because('It breaks when the instrument falls.')
            ->at('headThickness')
            ->fixBy(
                [
                    ['Make the headstock 14 mm thick', ['headThickness' => '14 mm']],
                    [
                        'Make the headstock '.Words::mm($head->tunerMost->mm).' thick',
                        $head->tunerMost->mm >= 13.0
                            ? ['headThickness' => Words::typed($head->tunerMost->mm, 2)]
                            : null,
                    ],
                    [
                        'Take headstock and tuners of the usual size',
                        ['headThickness' => '', 'tunerLeast' => '', 'tunerMost' => ''],
                    ],
                ],
            );
    }
}
