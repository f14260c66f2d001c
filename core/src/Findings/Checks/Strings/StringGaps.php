<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Units\Words;

/** Room for a finger between the strings (G13). */
final class StringGaps implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $least = $s->brief->type === InstrumentType::Bass ? 6.0 : 5.5;
        $gaps = [];
        foreach (array_slice($w->strings(), 1) as $index => $string) {
            $beside = $w->strings()[$index];
            $gaps[] = abs($string->nut->y - $beside->nut->y)
                - ($string->gauge->diameter->mm + $beside->gauge->diameter->mm) / 2;
        }
        if ($s->isDoubled() || $gaps === []) {
            return;
        }
        $missing = ($least + 0.02 - min($gaps)) * ($s->brief->strings - 1);
        if (min($gaps) < $least) {
            $nut = Words::up($s->board->nutWidth->mm + $missing);
            $margin = Words::down($s->stringing->nutMargin->mm - $missing / 2, 2);
            yield $this->stringGaps(min($gaps), $least, $nut, $margin);
        }
    }

    private function stringGaps(float $free, float $least, float $nut, float $margin): Finding
    {
        return Finding::warn('string-gaps', 'Strings crowded at the nut')
            ->says(Words::mm($free, 2).' free between two; about '.Words::number($least).' is the least.')
            ->because('Fingers touch two strings.')
            ->at('nutWidth', 'nutMargin')
            ->fixBy([
                ['Make the nut '.Words::mm($nut).' wide', ['nutWidth' => Words::typed($nut)]],
                [
                    'Make the nut '.Words::mm($nut).' wide and set the board by the strings',
                    [
                        'nutWidth' => Words::typed($nut), 'lastWidth' => '', 'heelWidth' => '', 'pocketWidth' => '',
                        'slotDepth' => '',
                    ],
                ],
                [
                    'Take the usual nut and board',
                    [
                        'nutWidth' => '', 'nutMargin' => '', 'lastWidth' => '', 'heelWidth' => '',
                        'pocketWidth' => '', 'gauges' => '', 'spacing' => 'equal_gaps',
                    ],
                ],
            ])
            ->fixBy(
                $margin >= 2.5 ? [
                    ['Leave a margin of '.Words::mm($margin, 2), ['nutMargin' => Words::typed($margin, 2)]],
                ] : [],
            );
    }
}
