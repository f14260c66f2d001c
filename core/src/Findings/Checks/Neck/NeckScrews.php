<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Units\Words;

/** Screws reach the neck, stay under the frets, and are enough. */
final class NeckScrews implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $fewest = ['bolt-on' => 3, 'bolted_mortise' => 2][$s->joinery->joint->value] ?? 0;
        if ($s->joinery->fasteners < $fewest) {
            yield Finding::when($s->joinery->fasteners < 2, 'screws-few', 'Too few screws')
                ->says("{$s->joinery->fasteners} hold the neck; ".($fewest + 1).' are usual.')
                ->because('The neck turns in its pocket under the pull of the strings.')
                ->at('fasteners')
                ->fix('Take '.($fewest + 1), ['fasteners' => (string) ($fewest + 1)]);
        }
        if ($s->joinery->joint === NeckJoint::BoltOn) {
            yield from $this->lengths($w);
        }
    }

    /** @return iterable<Finding> */
    private function lengths(Workings $w): iterable
    {
        $s = $w->specification;
        $through = $s->joinery->plateThickness->mm + $s->bodyThickness()->mm - $s->joinery->pocketDepth->mm;
        $grip = $s->joinery->screwLength->mm - $through;
        $room = $s->joinery->heelThickness->mm - $s->board->boardThickness->mm;
        if ($grip > $room - 1.0) {
            $right = floor($through + $room - 2.0);
            $heel = Words::up($s->joinery->heelThickness->mm + $grip - $room + 1.5);
            yield Finding::stop('neck-screws', 'Neck screws reach the fretboard')
                ->says(
                    'They go '.Words::number($grip).' into a heel with '.Words::mm($room).' of timber under the board.',
                )
                ->because('The point lifts the board or comes out between the frets.')
                ->at('screwLength', 'heelThickness', 'pocketDepth')
                ->fix(
                    'Take screws of '.Words::mm($right, 0),
                    $right - $through >= 8 ? ['screwLength' => Words::typed($right, 0)] : null,
                )
                ->fixBy([
                    ['Make the heel '.Words::mm($heel).' thick', ['heelThickness' => Words::typed($heel)]],
                    [
                        'Make the heel '.Words::mm($heel).' thick and the pocket as much deeper',
                        [
                            'heelThickness' => Words::typed($heel),
                            'pocketDepth' => Words::typed(
                                $s->joinery->pocketDepth->mm + $heel - $s->joinery->heelThickness->mm,
                            ),
                        ],
                    ],
                    [
                        'Make the heel 24 mm thick and take screws to match',
                        [
                            'heelThickness' => '24 mm',
                            'screwLength' => Words::typed(
                                max(10.0, floor($through + 24.0 - $s->board->boardThickness->mm - 3.0)),
                                0,
                            ),
                        ],
                    ],
                ]);
        } elseif ($grip < 10.0) {
            $right = ceil($through + min(15.0, $room - 2.0));
            yield Finding::warn('neck-screws', 'Neck screws hold too little')
                ->says(Words::mm(max(0.0, $grip)).' in the neck; 12 to 18 is usual.')
                ->because('They strip out under the pull of the strings.')
                ->at('screwLength')
                ->fix(
                    'Take screws of '.Words::mm($right, 0),
                    $right - $through < $room - 1 && $right <= 90 ? ['screwLength' => Words::typed($right, 0)] : null,
                )
                ->fixBy($this->deeper($w, $room));
        }
    }

    /**
     * Where no screw is long enough or the heel takes none: a deeper pocket with a thicker heel.
     *
     * @return iterable<array{string, array<string, string>}>
     */
    private function deeper(Workings $w, float $room): iterable
    {
        $s = $w->specification;
        $body = $s->bodyThickness()->mm;
        foreach ([16.0, 20.0, 25.0, 30.0] as $pocket) {
            $heel = $pocket + $w->bridge()->boardAboveTop()->value;
            $screw = floor(
                $s->joinery->plateThickness->mm + $body - $pocket
                    + min(15.0, $heel - $s->board->boardThickness->mm - 2.0),
            );
            if ($pocket > $s->joinery->pocketDepth->mm && $body - $pocket >= 12.0 && $screw <= 90.0) {
                yield [
                    'Make the pocket '.Words::mm($pocket, 0).' deep and the heel '.Words::mm($heel).' thick, with screws of '
    .Words::mm($screw, 0),
                    [
                        'pocketDepth' => Words::typed($pocket), 'heelThickness' => Words::typed($heel),
                        'screwLength' => Words::typed($screw, 0),
                    ],
                ];
            }
        }
        $heel = Words::up($s->board->boardThickness->mm + 16.0);
        $screw = floor($s->joinery->plateThickness->mm + $body - $s->joinery->pocketDepth->mm + 13.0);
        if ($room < 13.0 && $screw <= 90.0) {
            yield [
                'Make the heel '.Words::mm($heel).' thick, with screws of '.Words::mm($screw, 0),
                ['heelThickness' => Words::typed($heel), 'screwLength' => Words::typed($screw, 0)],
            ];
            yield [
                'Make the heel '.Words::mm($heel).' thick, with screws of '.Words::mm($screw, 0).', and match the bridge',
                [
                    'heelThickness' => Words::typed($heel),
                    'screwLength' => Words::typed($screw, 0),
                    'bridgeRecess' => Words::typed(
                        $s->bridgework->bridgeRecess->mm - $w->bridge()->aboveMiddle() - $heel
                            + $s->joinery->heelThickness->mm,
                    ),
                ],
            ];
        }
    }
}
