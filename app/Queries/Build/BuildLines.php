<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Pages\Build\BuildLine;
use App\Pages\Build\Inked;
use App\Planning\Plan\Outlooks;
use App\Queries\Specification\Drawings;
use App\Support\Say;
use Regimen\Forecast\Outlook;
use Regimen\Forecast\Verdict;
use Regimen\Route\Standards\Stage;

/** A build in a line, as lists show it. */
final class BuildLines
{
    public static function line(Build $build, Outlook $outlook): BuildLine
    {
        $drawn = Drawings::ofRevision($build->specification);
        $finish = Outlooks::finish(
            $build->operations->map(static fn (Operation $operation) => $operation->planned)->filter()->values(),
        );

        return new BuildLine(
            number: $build->number,
            title: $build->title,
            inOneLine: $drawn->inOneLine,
            drawing: $drawn->drawing,
            inked: self::inked($build),
            promisedOn: $build->promised_on,
            finish: $build->route_lacks === '' ? $finish?->toIso8601ZuluString() : null,
            verdict: $outlook->verdict,
            slackDays: $outlook->slackDays,
            slackWords: self::slackWords($outlook),
        );
    }

    /** Which share of the labour on each piece is done. */
    public static function inked(Build $build): Inked
    {
        $labour = [];
        foreach ($build->operations as $operation) {
            $minutes = $operation->workMinutes();
            [$all, $done] = $labour[$operation->stage->value] ?? [0, 0];
            $labour[$operation->stage->value] = [$all + $minutes, $done + ($operation->state->labourIsDone() ? $minutes : 0)];
        }
        $share = static function (Stage $stage) use ($labour): float {
            [$all, $done] = $labour[$stage->value] ?? [0, 0];

            return $all === 0 ? 0.0 : round($done / $all, 3);
        };

        return new Inked(
            neck: $share(Stage::Neck), fretboard: $share(Stage::Fretboard), body: $share(Stage::Body),
        );
    }

    public static function slackWords(Outlook $outlook): string
    {
        $days = Say::count(abs((int) $outlook->slackDays), 'working day');

        return match ($outlook->verdict) {
            Verdict::Late => "late by {$days}",
            Verdict::Risk => $outlook->slackDays === 0 ? 'no slack left' : "{$days} of slack",
            Verdict::Kept => "{$days} of slack",
            Verdict::NoPromise => 'no promise',
            Verdict::Unplanned => 'cannot be planned',
            Verdict::Incomplete => 'no date: part of the work has no operations yet',
        };
    }
}
