<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Geometry\Point;
use Regimen\Instrument\CavityKind;
use Regimen\Instrument\Hand;

/** Cavities lie inside the outline with a wall round them. */
final class CavityInside implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $sign = $s->brief->hand === Hand::Left ? -1 : 1;
        foreach ($s->bodywork->cavities as $index => $cavity) {
            if ($cavity->kind === CavityKind::Jack) {
                continue;
            }
            $wall = INF;
            foreach ([[-1, -1], [-1, 1], [1, -1], [1, 1]] as [$along, $across]) {
                $corner = new Point($s->board->scale->mm + $cavity->behind->mm + $along * $cavity->length->mm / 2, $sign * $cavity->across->mm + $across * $cavity->width->mm / 2);
                $wall = min($wall, $w->body()->outline->distanceTo($corner) * ($w->body()->outline->contains($corner) ? 1 : -1));
            }
            if ($wall < 5.0) {
                yield Finding::when($wall < 2.0, "cavity-inside.{$index}", 'The '.$cavity->kind->words().' cavity is at the body’s edge', $wall < 0 ? 'A corner lies '.Words::mm(-$wall).' outside the outline.' : 'A corner leaves '.Words::mm($wall).' of wall.', 'The router breaks out at the side.', "cavities.{$index}.across", "cavities.{$index}.behind")
                    ->mend('nearer the middle by '.Words::number(9.0 - $wall, 0), ["cavities.{$index}.across" => Words::typed($cavity->across->mm - ($cavity->across->mm <=> 0.0) * (9.0 - $wall), 0)]);
            }
        }
    }
}
