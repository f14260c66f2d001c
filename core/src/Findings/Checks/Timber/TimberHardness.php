<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Timber\Species;

/** Neck and board are of timber that is hard enough. */
final class TimberHardness implements Check
{
    /** Janka hardness in lbf: below the first it warns, below the second it stops; common practice. */
    private const BOARD = [900.0, 600.0];

    private const NECK = [600.0, 400.0];

    private const HARD = 'sugar maple';

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        yield from $this->timber(
            $s->board->boardTimber, self::BOARD, 'boardTimber', 'Board timber too soft',
            'Strings and fingers wear it hollow, and frets do not hold.',
        );
        yield from $this->timber(
            $s->neck->neckTimber, self::NECK, 'neckTimber', 'Neck timber too soft',
            'It dents under the hand and bends under the strings.',
        );
    }

    /**
     * @param  array{float, float}  $limits
     * @return iterable<Finding>
     */
    private function timber(Species $timber, array $limits, string $field, string $title, string $because): iterable
    {
        if ($timber->hardness < $limits[0]) {
            yield Finding::when($timber->hardness < $limits[1], "soft.{$field}", $title)
                ->says("{$timber->name}: {$timber->hardness} lbf; from {$limits[0]} on is usual.")
                ->because($because)
                ->at($field)
                ->from(
                    'Janka hardness: Wood Handbook, FPL-GTR-282, chapter 5 (memory); the limit is common practice',
                )->fix(self::HARD, [$field => self::HARD]);
        }
    }
}
