<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Units\Words;

/** Timber left under the neck pocket (G18). */
final class PocketFloor implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $floor = $s->bodyThickness()->mm - $s->joinery->pocketDepth->mm;
        $least = $s->joinery->joint === NeckJoint::BoltOn ? 12.0 : 8.0;
        if ($floor < $least && $s->joinery->joint !== NeckJoint::Through) {
            yield Finding::when($floor < 3.0, 'pocket-floor', 'Thin under the neck pocket')
                ->says(Words::mm($floor).' stay; '.Words::number($least, 0).' is the usual least.')
                ->because('All the strings pull on it.')
                ->at('pocketDepth', 'layers')
                ->fixBy($this->shallower($w, Words::down($s->bodyThickness()->mm - $least)))
                ->fix(
                    'Make the body '.Words::mm($least - $floor).' thicker',
                    [
                        'layers.'.(count($s->bodywork->layers) - 1)
                            .'.thickness' => Words::typed(
                                Words::up(
                                    $s->bodywork->layers[count($s->bodywork->layers) - 1]->thickness->mm + $least
                                        - $floor,
                                ),
                            ),
                        'bodyThickness' => '',
                    ],
                );
        }
    }

    /**
     * With the heel as much thinner, so that the board stays as high; screws to match.
     *
     * @return iterable<array{string, array<string, string>}>
     */
    private function shallower(Workings $w, float $pocket): iterable
    {
        $joint = $w->specification->joinery;
        if ($pocket <= 6.0) {
            return;
        }
        $by = $joint->pocketDepth->mm - $pocket;
        $depth = ['pocketDepth' => Words::typed($pocket)];
        $heel = ['heelThickness' => Words::typed(max(12.0, $joint->heelThickness->mm - $by))];
        $screw = ['screwLength' => Words::typed(min(90.0, floor($joint->screwLength->mm + $by)), 0)];
        yield ['Make the pocket '.Words::mm($pocket).' deep', $depth];
        yield ['Make the pocket '.Words::mm($pocket).' deep and the heel as much thinner', [...$depth, ...$heel]];
        yield ['Make the pocket '.Words::mm($pocket).' deep and take longer screws', [...$depth, ...$screw]];
        yield [
            'Make the pocket '.Words::mm($pocket).' deep, the heel thinner, and match the screws',
            [
                ...$depth,
                ...$heel,
                'screwLength' => Words::typed(
                    max(
                        10.0,
                        floor(
                            $joint->plateThickness->mm + $w->specification->bodyThickness()->mm - $pocket
                                + max(
                                    10.0,
                                    min(
                                        15.0,
                                        $joint->heelThickness->mm - $by - $w->specification->board->boardThickness->mm
                                            - 2.5,
                                    ),
                                ),
                        ),
                    ),
                    0,
                ),
            ],
        ];
    }
}
