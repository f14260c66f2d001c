<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Specification;
use Regimen\Units\Words;

/** The rod ends inside the board, reaches far enough, and has a channel. */
final class RodLength implements Check
{
    /** Of the way from the nut to the body: below the first it warns, below the second it stops; common practice. */
    private const SHORT = [0.75, 0.5];

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $rod = $s->neck->rodLength->mm;
        $room = $w->board()->length - 4.0;
        $right = Words::down(min($room, max(0.9 * $w->fret($s->joinery->joinFret), 440.0)) / 10, 0) * 10;
        if ($rod > $room) {
            yield Finding::stop('rod-length', 'Rod longer than its board')
                ->says('A rod of '.Words::mm($rod, 0).' under a board of '.Words::mm($w->board()->length, 0).'.')
                ->because('The board closes the channel; what reaches beyond it has nothing over it.')
                ->at('rodLength', 'boardLength')
                ->fix(
                    'Take a rod of '.Words::mm(floor($room / 10) * 10, 0),
                    ['rodLength' => Words::typed(floor($room / 10) * 10, 0)],
                );
        } elseif ($rod === 0.0 && $w->pull()->total() > 250 && ! $s->neck->stiffeningRods) {
            yield $this->noRod($w, $room);
        }
        $reach = $rod / $w->fret($s->joinery->joinFret);
        if ($rod > 0.0 && $reach < self::SHORT[0]) {
            yield $this->rodShort($reach, $rod, $w, $s, $right);
        }
        if ($rod > 0.0 && ($s->neck->rodDepth->mm < 3.0 || $s->neck->rodWidth->mm < 3.0)) {
            yield $this->rodChannel($s);
        }
    }

    private function noRod(Workings $w, float $room): Finding
    {
        return Finding::warn('no-rod', 'Neither rod nor stiffening')
            ->says('The strings pull '.Words::number($w->pull()->total(), 0).' N on the bare neck.')
            ->because('Relief cannot be set later.')
            ->at('rodLength')
            ->fixBy(
                [
                    ['Put in a rod', ['rodLength' => Words::typed(floor($room / 10) * 10, 0)]],
                    [
                        'Put a rod in the usual channel',
                        [
                            'rodLength' => Words::typed(floor($room / 10) * 10, 0), 'rodDepth' => '',
                            'rodWidth' => '',
                        ],
                    ],
                ],
            )->fix('Put in stiffening rods', ['stiffeningRods' => 'yes']);
    }

    private function rodShort(float $reach, float $rod, Workings $w, Specification $s, float $right): Finding
    {
        return Finding::when($reach < self::SHORT[1], 'rod-short', 'Rod too short')
            ->says(
                Words::mm($rod, 0).' of '.Words::mm($w->fret($s->joinery->joinFret), 0)
                    .' from the nut to the body.',
            )
            ->because('The neck bends where the rod does not reach.')
            ->at('rodLength')
            ->fix(
                'Take a rod of '.Words::mm($right, 0), ['rodLength' => Words::typed($right, 0)],
            )->fix('Take stiffening rods instead', ['rodLength' => '0', 'stiffeningRods' => 'yes']);
    }

    private function rodChannel(Specification $s): Finding
    {
        return Finding::stop('rod-channel', 'A rod without a channel')
            ->says(
                'The channel is '.Words::number($s->neck->rodDepth->mm).' deep and '
                    .Words::mm($s->neck->rodWidth->mm)
                .' wide.',
            )
            ->because('No rod lies in it.')
            ->at('rodDepth', 'rodWidth')
            ->fixBy(
                [
                    ['Cut the usual channel', ['rodDepth' => '', 'rodWidth' => '']],
                    ['Cut the channel 6 mm deep and 6 mm wide', ['rodDepth' => '6 mm', 'rodWidth' => '6 mm']],
                    ['Take stiffening rods instead', ['rodLength' => '0', 'stiffeningRods' => 'yes']],
                ],
            );
    }
}
