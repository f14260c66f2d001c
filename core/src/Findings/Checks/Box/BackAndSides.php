<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Box;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Back and sides of a flat-top are thick enough to hold and thin enough to bend. */
final class BackAndSides implements Check
{
    /** Usual, in mm, and what is taken instead; common practice. */
    private const USUAL = ['back' => [2.0, 3.6, '2.6'], 'side' => [1.6, 3.0, '2.2']];

    public function judge(Workings $w): iterable
    {
        if (! $w->specification->isBox()) {
            return;
        }
        foreach (['back' => $w->specification->box->backThickness->mm, 'side' => $w->specification->box->sideThickness->mm] as $which => $thick) {
            [$least, $most, $usual] = self::USUAL[$which];
            if ($thick >= $least && $thick <= $most) {
                continue;
            }
            $name = $which === 'back' ? 'Back' : 'Sides';
            yield Finding::when($thick < $least / 1.6 || $thick > $most * 1.6, "box-{$which}", $name.($thick < $least ? ' too thin' : ' too thick').' for a flat-top')
                ->says(Words::mm($thick, 2).'; '.Words::number($least).' to '.Words::mm($most).' is usual.')
                ->because(match (true) {
                    $thick < $least => 'It splits when it is bent, knocked, or dries.',
                    $which === 'side' => 'It breaks on the hot iron instead of bending.',
                    default => 'It weighs more than it carries.',
                })
                ->at("{$which}Thickness")
                ->fix(($which === 'back' ? 'Make the back ' : 'Make the sides ').$usual.' mm thick', ["{$which}Thickness" => "{$usual} mm"]);
        }
    }
}
