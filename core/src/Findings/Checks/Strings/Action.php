<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Brief\Brief;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Units\Words;

/** Action, relief and radius go together. */
final class Action implements Check
{
    public function judge(Workings $w): iterable
    {
        $brief = $w->specification->brief;
        if ($brief->actionTreble->mm > $brief->actionBass->mm + 0.05) {
            yield $this->actionSwapped($brief);
        }
        $least = $w->specification->brief->type === InstrumentType::Bass ? 1.4 : 1.1;
        if ($brief->actionTreble->mm < $least) {
            yield Finding::warn('action-low', 'Very low action')
                ->says(
                    Words::mm($brief->actionTreble->mm, 2).' at the twelfth; '.Words::number($least)
                        .' is the usual least.',
                )
                ->because('Strings buzz on the frets unless these are perfect.')
                ->at('actionTreble')
                ->fix('Set it to '.Words::mm($least + 0.4), ['actionTreble' => Words::typed($least + 0.4)]);
        }
        $high = $w->board()->radiusAt($w->lastFret());
        if ($high < 215 && $brief->actionTreble->mm < 1.6) {
            yield $this->choke($high, $brief);
        }
        if ($brief->relief->mm > 0.4) {
            yield Finding::warn('relief', 'Much relief')
                ->says(Words::mm($brief->relief->mm, 2).'; 0.10 to 0.30 is usual.')
                ->because('The middle of the neck gets hard to play.')
                ->at('relief')
                ->fix('Set it to 0.2 mm', ['relief' => '0.2 mm']);
        }
    }

    private function actionSwapped(Brief $brief): Finding
    {
        return Finding::warn('action-swapped', 'Treble action above the bass')
            ->says(Words::number($brief->actionTreble->mm).' and '.Words::mm($brief->actionBass->mm).'.')
            ->because('Bass strings swing wider; the two may have been swapped.')
            ->at('actionTreble', 'actionBass')
            ->fix(
                'Swap them',
                [
                    'actionTreble' => Words::typed($brief->actionBass->mm, 2),
                    'actionBass' => Words::typed($brief->actionTreble->mm, 2),
                ],
            );
    }

    private function choke(float $high, Brief $brief): Finding
    {
        return Finding::warn('choke', 'Bends will choke')
            ->says(
                'Radius '.Words::number($high, 0).' at the last fret with '.Words::mm($brief->actionTreble->mm, 2)
                .' at the twelfth.',
            )
            ->because('A string bent across a small radius touches the higher frets.')
            ->at('radius', 'radiusEnd', 'actionTreble')
            ->fix(
                'Take a compound radius, 12" at the end', ['radiusEnd' => '12"'],
            )->fix('Set 1.8 mm at the twelfth', ['actionTreble' => '1.8 mm']);
    }
}
