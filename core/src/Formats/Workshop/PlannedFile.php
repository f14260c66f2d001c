<?php

declare(strict_types=1);

namespace Regimen\Formats\Workshop;

use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Plan\Trouble;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Plan\Unplanned;
use Regimen\Schedule\Problem\PieceId;
use Regimen\Schedule\Search\Improved;

/**
 * A plan as JSON: the objective, lateness by build, and for every operation who, from when to when, and why not
 * earlier.
 */
final class PlannedFile
{
    public static function write(Improved $improved, WorkshopFile $workshop, Objective $objective, int $seed): string
    {
        $problem = $workshop->problem;
        $local = static fn (int $instant): string => (
            new \DateTimeImmutable('@'.$instant * 60)
        )->setTimezone($workshop->zone)->format('Y-m-d\TH:iP');
        $finishes = $objective->finishes($problem, $improved->best);
        $late = $objective->lateness($problem, $improved->best);

        return json_encode([
            'format' => 'regimen-plan/1',
            'seed' => $seed,
            'schedules' => $improved->schedules,
            'firstObjective' => $improved->firstCost,
            'objective' => $improved->bestCost,
            'builds' => array_map(static fn (int|string $build, int $finish): array => [
                'id' => WorkshopIds::inFile($build), 'finish' => $local($finish),
                'promise' => ($problem->dues[$build]->instant ?? null) === null
                    ? null
                    : $local((int) $problem->dues[$build]->instant),
                'lateMinutes' => $late[$build] ?? 0,
            ], array_keys($finishes), $finishes),
            'operations' => array_values(array_map(static fn (Assignment $one): array => [
                'id' => WorkshopIds::inFile($one->activity),
                'build' => WorkshopIds::inFile($problem->activities[$one->activity]->build),
                'person' => $one->worker === null ? null : $workshop->people[$one->worker - 1][0],
                'sharesSetUpOf' => self::text($one->sharesSetUpOf), 'start' => $local($one->start),
                'workEnd' => $local($one->workEnd), 'finish' => $local($one->finish),
                ...$one->sittings === [] ? [] : ['sittings' => array_map(
                    static fn (array $sitting): array => ['from' => $local($sitting[0]), 'to' => $local($sitting[1])],
                    $one->sittings,
                )],
                ...$one->helper === null ? [] : [
                    'helper' => $workshop->people[$one->helper - 1][0], 'helpsFrom' => $local((int) $one->helpsFrom),
                ],
                ...$one->runsUntil === null ? [] : ['machineUntil' => $local($one->runsUntil)],
                'because' => self::because($one, $workshop),
            ], $improved->best->assignments)),
            'troubles' => array_map(
                static fn (Trouble $one): array => [
                    'kind' => $one->kind, 'build' => self::text($one->build), 'operation' => self::text($one->activity),
                    'words' => $one->words,
                ],
                Troubles::find($problem, $improved->best),
            ),
            'unplanned' => array_values(
                array_map(
                    static fn (Unplanned $one): array => [
                        'id' => WorkshopIds::inFile($one->activity), 'because' => $one->why,
                    ],
                    $improved->best->unplanned,
                ),
            ),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array{kind: string, operation: string|null, resource: string|null, words: string} */
    private static function because(Assignment $one, WorkshopFile $workshop): array
    {
        $reason = $one->reason;
        $before = $reason->activity === null
            ? ''
            : '“'.($workshop->names[$reason->activity] ?? $reason->activity).'” of '
            .WorkshopIds::inFile($workshop->problem->activities[$reason->activity]->build);
        $resource = $reason->resource === null || PieceId::pieceOf($reason->resource) !== null
            ? $reason->resource
            : WorkshopIds::inFile($reason->resource);
        $who = $one->worker === null ? 'Nobody' : $workshop->people[$one->worker - 1][1];

        $words = match ($reason->kind) {
            ReasonKind::Now => 'Can start now.',
            ReasonKind::Started => 'Under way.',
            ReasonKind::Link => "Follows {$before}.",
            ReasonKind::Lag => "Waits for {$reason->cause}, after {$before}.",
            ReasonKind::Release => "Waits for {$reason->cause}.",
            ReasonKind::Person => "{$who} is busy with {$before} until then.",
            ReasonKind::Resource => "{$resource} is in use for {$before} until then.",
            ReasonKind::Calendar => $before === ''
                ? "{$who} does not work before then."
                : "Follows {$before}; {$who} is back at work then.",
            ReasonKind::Outage, ReasonKind::Climate => "{$resource} is out of use until then: {$reason->cause}.",
            ReasonKind::Sitting => "Has to be done in one sitting; {$who} is not free for that long any sooner.",
            ReasonKind::Hands => $before === ''
                ? 'Needs a second pair of hands; nobody else is in the shop any sooner.'
                : "Needs a second pair of hands; whoever is free first is busy with {$before} until then.",
            ReasonKind::Hours => "{$resource} opens then.",
            ReasonKind::Pin => $before === '' ? 'Fixed to this day.' : "Fixed to come after {$before}.",
            ReasonKind::Announced => 'Already announced for this time, so it stays.',
            ReasonKind::Window => 'Starts later so that the next coat is in time for its recoat window.',
            ReasonKind::SetUp => "{$resource} is already set up for it after {$before}.",
        };

        return [
            'kind' => $reason->kind->value, 'operation' => self::text($reason->activity), 'resource' => $resource,
            'words' => $words,
        ];
    }

    private static function text(int|string|null $id): ?string
    {
        return $id === null ? null : WorkshopIds::inFile($id);
    }
}
