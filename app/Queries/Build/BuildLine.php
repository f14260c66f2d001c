<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Planning\Plan\Outlooks;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\Drawings;
use App\Support\Say;
use Regimen\Forecast\Outlook;
use Regimen\Forecast\Verdict;

/** A build in a line, as lists show it. */
final class BuildLine
{
    /** @return array<string, mixed> */
    public static function line(Build $build, Outlook $outlook): array
    {
        $read = Revisions::read($build->specification);
        $finish = Outlooks::finish(
            $build->operations->map(static fn (Operation $operation) => $operation->planned)->filter()->values(),
        );

        return [
            'number' => $build->number,
            'title' => $build->title,
            'inOneLine' => $read->orFail()->inOneLine(),
            'drawing' => Drawings::of($read),
            'inked' => self::inked($build),
            'promisedOn' => $build->promised_on,
            'finish' => $build->route_lacks === '' ? $finish?->toIso8601ZuluString() : null,
            'verdict' => $outlook->verdict->value,
            'slackDays' => $outlook->slackDays,
            'slackWords' => self::slackWords($outlook),
        ];
    }

    /** @return array<string, float> which share of the labour on each piece is done */
    public static function inked(Build $build): array
    {
        $inked = [];
        foreach (['neck', 'fretboard', 'body'] as $stage) {
            $of = $build->operations->filter(
                static fn (Operation $operation): bool => $operation->stage->value === $stage,
            );
            $all = $of->sum(static fn (Operation $operation): int => $operation->workMinutes());
            $done = $of->filter(
                static fn (Operation $operation): bool => $operation->state->labourIsDone(),
            )->sum(static fn (Operation $operation): int => $operation->workMinutes());
            $inked[$stage] = $all === 0 ? 0.0 : round($done / $all, 3);
        }

        return $inked;
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
