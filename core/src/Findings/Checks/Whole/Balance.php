<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Whole;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** It hangs level from its strap (T6). */
final class Balance implements Check
{
    public function judge(Workings $w): iterable
    {
        $strap = $w->body()->strapButton($w->specification);
        $behind = $w->mass()->centre() - $strap;
        if ($behind < 0.0) {
            yield Finding::warn('balance', 'It will dip at the head')
                ->says('The centre of mass is '.Words::mm(-$behind, 0).' neckwards of the strap button.')
                ->because('The player holds it up with the fretting hand.')
                ->at('strapButton', 'tunerMass', 'outline')
                ->fix(
                    'Take light tuners',
                    self::withLighterTuners($w) >= $strap ? [
                        'tunerMass' => Words::number($w->specification->head->tunerMass * 0.6, 0).' g',
                    ] : null,
                )
                ->fix(
                    'Put the button '.Words::mm($w->mass()->centre() - 20, 0).' from the nut',
                    ['strapButton' => Words::typed($w->mass()->centre() - 20, 0)],
                );
        }
    }

    /** Where the centre of mass would be with tuners of three fifths the mass. */
    private static function withLighterTuners(Workings $w): float
    {
        $total = $w->mass()->total();
        $moment = $total * $w->mass()->centre();
        foreach ($w->head()->posts as $post) {
            $moment -= 0.4 * $w->specification->head->tunerMass * $post->x;
            $total -= 0.4 * $w->specification->head->tunerMass;
        }

        return $moment / max(1.0, $total);
    }
}
