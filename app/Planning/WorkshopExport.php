<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Person;
use App\Models\Resource;
use App\Support\Clock;
use App\Support\Minutes;
use Regimen\Formats\WorkshopFile;
use Regimen\Schedule\Activity;
use Regimen\Schedule\Demand;
use Regimen\Schedule\HoursText;
use Regimen\Schedule\Predecessor;

/** The running shop as a workshop file: what is planned from, with names of people and clients left out. */
final readonly class WorkshopExport
{
    private const DAYS = [1 => 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    public function __construct(private House $house, private ShopProblem $problem, private Clock $clock)
    {
    }

    public function json(): string
    {
        $problem = $this->problem->assemble();
        $byBuild = [];
        foreach ($problem->activities as $activity) {
            $byBuild[$activity->build][] = $this->operation($activity);
        }
        $builds = [];
        foreach ($byBuild as $build => $operations) {
            $due = $problem->dues[$build]->instant ?? null;
            $builds[] = ['id' => $build, ...$due === null ? [] : ['promise' => ['date' => $this->local($due, 'Y-m-d'), 'kind' => $problem->dues[$build]->promise->value]], 'operations' => $operations];
        }

        return json_encode([
            'format' => WorkshopFile::FORMAT,
            'timezone' => $this->house->zone()->getName(),
            'now' => $this->local(Minutes::of($this->clock->now()), 'Y-m-d\TH:iP'),
            'closed' => array_keys($this->house->hours()->closed),
            'people' => $this->people(),
            'stations' => self::resources('station'),
            'fixtures' => self::resources('fixture'),
            'builds' => $builds,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return list<array<string, mixed>> */
    private function people(): array
    {
        $people = [];
        foreach (Person::query()->where('active', true)->with('daysOff')->orderBy('id')->get() as $person) {
            $week = array_map(HoursText::print(...), $this->house->hoursOf($person)->week);
            $people[] = [
                'id' => "w{$person->id}", 'skills' => $person->skills,
                'hours' => (object) array_filter(array_combine(array_map(static fn (int $day): string => self::DAYS[$day], array_keys($week)), $week)),
                'off' => array_values($person->daysOff->pluck('date')->map(static fn (mixed $date): string => (string) $date)->all()),
            ];
        }

        return $people;
    }

    /** @return list<array{id: string, capacity: int}> */
    private static function resources(string $kind): array
    {
        return array_values(Resource::query()->where('kind', $kind)->orderBy('id')->get()->map(static fn (Resource $one): array => ['id' => $one->key, 'capacity' => $one->capacity])->all());
    }

    /** @return array<string, mixed> */
    private function operation(Activity $activity): array
    {
        $pieces = $rest = [];
        foreach ($activity->demands as $demand) {
            if (str_starts_with($demand->resource, 'piece:')) {
                $pieces[] = substr((string) strrchr($demand->resource, ':'), 1);
            } else {
                $rest = [...$rest, ...self::held($demand)];
            }
        }
        $at = fn (?int $instant): ?string => $instant === null ? null : $this->local($instant, 'Y-m-d\TH:iP');

        return array_filter([
            'id' => $activity->id, 'labour' => $activity->work, 'hold' => $activity->hold, 'skill' => $activity->skill, 'pieces' => $pieces, ...$rest,
            'after' => array_map(static fn (Predecessor $one): array => array_filter(['id' => $one->activity, 'least' => $one->lag, 'because' => $one->lagCause]), $activity->predecessors),
            'earliest' => $at($activity->release?->instant), 'because' => $activity->release?->cause, 'oneSitting' => $activity->oneSitting,
            'person' => $activity->worker === null ? null : "w{$activity->worker}", 'startedAt' => $at($activity->startedAt), 'holdUntil' => $at($activity->holdUntil),
        ], static fn (mixed $value, string $key): bool => $key === 'labour' || ! in_array($value, [null, [], 0, false], true), ARRAY_FILTER_USE_BOTH);
    }

    /** @return array<string, mixed> */
    private static function held(Demand $demand): array
    {
        return $demand->throughHold ? ['fixture' => ['id' => $demand->resource, 'count' => $demand->quantity]] : ['station' => $demand->resource];
    }

    private function local(int $instant, string $format): string
    {
        return Minutes::toInstant($instant)->setTimezone($this->house->zone())->format($format);
    }
}
