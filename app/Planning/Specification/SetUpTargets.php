<?php

declare(strict_types=1);

namespace App\Planning\Specification;

use Regimen\Figures\Workings;
use Regimen\Inspection\SetUp\StringTargets;

/** What each string of an instrument is set up to, from what the client asked for. */
final class SetUpTargets
{
    /** @return non-empty-list<StringTargets> from the treble; between the outer ones action goes in equal steps */
    public static function of(Workings $w): array
    {
        $strings = $w->strings();
        $brief = $w->specification->brief;
        $travel = $w->scaleLine()->travel();
        $last = max(1, count($strings) - 1);
        $targets = [];
        foreach ($strings as $string) {
            $saddle = $w->specification->middleScale()->mm + $w->scaleLine()->compensation($string->index());
            $action = $brief->actionTreble->mm + ($brief->actionBass->mm - $brief->actionTreble->mm) * $string->index() / $last;
            $targets[] = new StringTargets(
                "{$string->number} {$string->note->name}", $w->spread()->scaleOf($string->index()), $w->bridge()->overFirstFret($action)->value, $action,
                max(0.0, $travel->to - $saddle), max(0.0, $saddle - $travel->from),
            );
        }

        return $targets;
    }
}
