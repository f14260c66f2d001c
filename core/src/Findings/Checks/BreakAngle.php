<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\HeadstockKind;

/** Strings press into the nut (G12). */
final class BreakAngle implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $angles = array_map(fn (int $string): float => $w->head()->breakAngle($string), array_keys($w->head()->posts));
        $low = array_keys(array_filter($angles, static fn (float $angle): bool => $angle < 5.0));
        if ($low !== []) {
            $lowest = min($angles);
            $from = min($low);
            $guided = max($low) + 1;
            $missing = max(array_map(fn (int $string): float => -$w->head()->posts[$string]->x * tan(deg2rad(5.2)) - $w->head()->heightLost($string), $low));
            $step = ceil($s->head->headStep->mm + $missing);
            yield Finding::when($lowest < 0.5, 'break-angle', 'Flat over the nut', ucfirst(Words::strings($low)).': down to '.Words::number($lowest).'°; under 5° a guide is usual.', 'The string buzzes in its slot or jumps out of it.', 'guided', 'headAngle', 'headStep', 'postHeight')
                ->mend("guide over {$guided}", $from <= $s->head->guided ? ['guided' => (string) $guided] : null)
                ->mend('headstock at '.Words::number($s->head->headAngle + 5.5 - $lowest).'°', $s->head->headstock === HeadstockKind::Angled && $s->head->headAngle < 15 ? ['headAngle' => Words::number($s->head->headAngle + 5.5 - $lowest).'°'] : null)
                ->mend('step '.Words::number($step), $s->head->headstock === HeadstockKind::Flat && $step <= 22.0 ? ['headStep' => Words::typed($step)] : null);
        }
        if (max($angles) > 17.0) {
            yield Finding::note('break-steep', 'Steep over the nut', 'Up to '.Words::number(max($angles)).'°.', 'Friction in the slot: the string goes out of tune when it is bent.', 'headAngle');
        }
    }
}
