<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;

/**
 * A problem laid out as lists of numbers, once for all the schedules that are made of it: activities, people and
 * resources counted from 0. Work in working minutes, all else in clock minutes, instants in minutes since 1970 UTC. Only a
 * simulation writes again what can be written: it draws these lists anew for each of its runs.
 */
final class Tables
{
    public readonly int $now;

    public readonly int $count;

    /** @var list<Activity> in an order in which what comes before stands before */
    public readonly array $activities;

    /** @var array<int|string, int> by identity */
    public readonly array $index;

    /** @var list<int> */
    public array $work;

    /** @var list<int> */
    public array $hold;

    /** @var list<list<array{int, int}>> predecessors with their least lag */
    public array $before;

    /** @var list<int> not before this instant, links aside */
    public array $earliest;

    /** @var list<int> why not before it, as a Wait */
    public array $because;

    /** @var list<int|null> until when a hold under way goes on; null for all else */
    public array $heldUntil;

    /** @var list<int|null> the activity behind which it is pinned */
    public readonly array $behind;

    /** @var list<list<array{int, int, int, bool}>> need, resource, quantity, whether through the hold */
    public readonly array $demands;

    /** @var list<bool> whether it is worked at something that has hours of its own */
    public readonly array $hasHours;

    /** @var array<int, string> what is needed and not owned, in words, of those that lack something */
    public readonly array $lacking;

    /** @var list<int> minutes at the end of the labour in which somebody helps; none where nobody else works in the shop */
    public readonly array $hands;

    /** @var list<int> minutes in which a machine runs by itself after the labour */
    public readonly array $alone;

    /** @var list<list<int>> who may do it */
    public readonly array $able;

    /** @var list<array<int, int>> working minutes of each who may do it */
    public array $minutes;

    /** @var list<array<int, int>> until when it is not given to whoever has a gentle day, by person; mostly nobody */
    public readonly array $notYet;

    /** @var list<int> what is set where, numbered from 0; −1 where no setting stands */
    public readonly array $setting;

    /** @var list<int> the station that is set, −1 where none is */
    public readonly array $station;

    /** @var list<int> the build, from 0 */
    public readonly array $build;

    /** @var list<int|string> by number */
    public readonly array $builds;

    public readonly People $people;

    public readonly Resources $resources;

    public function __construct(public readonly Problem $problem)
    {
        $this->now = $problem->now;
        $this->activities = array_values($problem->activities);
        $this->count = count($this->activities);
        $this->index = array_flip(array_keys($problem->activities));
        $this->people = new People($problem);
        $this->resources = new Resources($problem);
        $this->work = array_map(static fn (Activity $one): int => $one->work, $this->activities);
        $this->alone = array_map(static fn (Activity $one): int => $one->alone, $this->activities);
        $several = count($problem->workers) > 1;
        $this->hands = array_map(static fn (Activity $one): int => $several ? $one->hands : 0, $this->activities);
        $this->hold = array_map(static fn (Activity $one): int => $one->hold, $this->activities);
        $this->heldUntil = array_map(static fn (Activity $one): ?int => $one->holdUntil, $this->activities);
        $this->before = array_map($this->links(...), $this->activities);
        $this->behind = array_map($this->pinnedBehind(...), $this->activities);
        $fixed = array_map(fn (Activity $one): array => self::notBefore($one, $this->now), $this->activities);
        $this->earliest = array_column($fixed, 0);
        $this->because = array_column($fixed, 1);
        $this->demands = array_map($this->resources->demands(...), $this->activities);
        $this->hasHours = array_map(
            static fn (array $demands): bool => in_array(0, array_column($demands, 2), true), $this->demands,
        );
        $this->lacking = array_filter(
            array_map($this->resources->lacking(...), $this->activities),
            static fn (?string $why): bool => $why !== null,
        );
        $this->able = array_map($this->people->able(...), $this->activities);
        $this->minutes = array_map($this->minutesOfAll(...), $this->activities, $this->able);
        $gentle = array_filter(array_map(static fn (Worker $one): int => $one->gentleUntil, $problem->workers), fn (int $until): bool => $until > $this->now);
        $this->notYet = array_map(static fn (Activity $one): array => $one->final ? $gentle : [], $this->activities);
        [$this->station, $this->setting] = $this->settings();
        $builds = [];
        $this->build = array_map(static function (Activity $one) use (&$builds): int {
            return $builds[$one->build] ??= count($builds);
        }, $this->activities);
        $this->builds = array_keys($builds);
    }

    /** What somebody takes for so much work by the house standard. */
    public function minutesOf(int $activity, int $worker, int $estimated): int
    {
        return $this->people->workers[$worker]->minutes($this->activities[$activity]->skill, $estimated);
    }

    /** What setting up takes somebody once more. */
    public function setUpMinutes(int $activity, int $worker): int
    {
        $minutes = $this->activities[$activity]->setUp->minutes ?? 0;

        return $minutes === 0 ? 0 : $this->minutesOf($activity, $worker, $minutes);
    }

    /** @return list<array{int, int}> */
    private function links(Activity $activity): array
    {
        $links = [];
        foreach ($activity->predecessors as $one) {
            if (isset($this->index[$one->activity])) {
                $links[] = [$this->index[$one->activity], $one->lag];
            }
        }

        return $links;
    }

    private function pinnedBehind(Activity $activity): ?int
    {
        return $activity->pin?->after === null ? null : ($this->index[$activity->pin->after] ?? null);
    }

    /** @return array{int, int} the instant and why, as a Wait */
    public static function notBefore(Activity $activity, int $now): array
    {
        $latest = [$now, Wait::NOTHING];
        foreach ([
            Wait::RELEASE => $activity->release->instant ?? 0,
            Wait::PIN => $activity->pin->from ?? 0,
            Wait::ANNOUNCED => $activity->announced?->keepsTime === true ? $activity->announced->start : 0,
        ] as $wait => $instant) {
            $latest = $instant > $latest[0] ? [$instant, $wait] : $latest;
        }

        return $latest;
    }

    /**
     * @param  list<int>  $able
     * @return array<int, int>
     */
    private function minutesOfAll(Activity $activity, array $able): array
    {
        $minutes = [];
        foreach ($able as $worker) {
            $minutes[$worker] = $this->people->workers[$worker]->minutes($activity->skill, $activity->work);
        }

        return $minutes;
    }

    /** @return array{list<int>, list<int>} stations and settings, by activity */
    private function settings(): array
    {
        $stations = $settings = $numbers = [];
        foreach ($this->activities as $one) {
            $setUp = $one->setUp;
            $station = $setUp === null ? null : $this->resources->alone($setUp->station);
            if ($station !== null) {
                $this->resources->need($station, 1);
            }
            $stations[] = $station ?? -1;
            $settings[] = $station === null ? -1 : ($numbers["{$station} {$setUp->key}"] ??= count($numbers));
        }

        return [$stations, $settings];
    }
}
