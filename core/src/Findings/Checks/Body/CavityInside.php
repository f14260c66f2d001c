<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Cavities lie inside the outline with a wall round them. */
final class CavityInside implements Check
{
    private const LEAST = 5.0;

    public function judge(Workings $w): iterable
    {
        foreach ($w->room()->cavities as $index => $cut) {
            $wall = $w->room()->wall($cut);
            if ($wall < self::LEAST) {
                yield Finding::when($wall < 2.0, "cavity-inside.{$index}", "The {$cut->name} is at the body’s edge")
                    ->says(
                        $wall < 0
                        ? 'Its rim lies '.Words::mm(-$wall).' outside the outline.'
                        : 'It leaves '.Words::mm($wall).' of wall.',
                    )
                    ->because('The router breaks out at the side.')
                    ->at("cavities.{$index}.across", "cavities.{$index}.behind")
                    ->fixBy(MovedCavity::ways($w, $index, $cut));
            }
        }
    }
}
