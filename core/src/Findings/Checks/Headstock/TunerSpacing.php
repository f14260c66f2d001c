<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Headstock;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Tuners have room beside each other. */
final class TunerSpacing implements Check
{
    public function judge(Workings $w): iterable
    {
        if (! $w->specification->head->headstock->hasPosts()) {
            return;
        }
        $gap = $w->head()->nearestPosts() - $w->specification->head->tunerWidth->mm;
        if ($gap < 1.0) {
            $spacing = $w->specification->head->tunerWidth->mm + 3.0;
            yield Finding::when($gap < 0.0, 'tuner-spacing', 'Tuners too near each other')
                ->says(
                    'Posts '.Words::mm($w->head()->nearestPosts()).' apart, bodies '
                    .Words::mm($w->specification->head->tunerWidth->mm).' wide.',
                )
                ->because('The bodies touch, or the buttons cannot be turned.')
                ->at('tunerSpacing', 'tunerWidth', 'posts')
                ->fixBy([
                    [
                        'Space the posts '.Words::mm($spacing).' apart',
                        ['tunerSpacing' => Words::typed($spacing), 'posts' => '', 'headLength' => ''],
                    ],
                    [
                        'Space the posts '.Words::mm($spacing).' apart, on both sides',
                        [
                            'tunerSpacing' => Words::typed($spacing), 'tunerLayout' => 'both_sides', 'posts' => '',
                            'headLength' => '',
                        ],
                    ],
                    [
                        'Take tuners of the usual size',
                        ['tunerSpacing' => '', 'tunerWidth' => '', 'posts' => '', 'headLength' => ''],
                    ],
                    [
                        'Take tuners of the usual size, on both sides',
                        [
                            'tunerSpacing' => '', 'tunerWidth' => '', 'tunerLayout' => 'both_sides', 'posts' => '',
                            'headLength' => '', 'firstPost' => '', 'guided' => '', 'guideAt' => '',
                        ],
                    ],
                ]);
        }
    }
}
