<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Build;
use App\Models\Person;
use App\Models\Resource;
use App\Support\Minutes;
use Illuminate\Support\Collection;
use Regimen\Route\Skill;
use Regimen\Schedule\Activity;
use Regimen\Schedule\Builder;
use Regimen\Schedule\Calendar;
use Regimen\Schedule\Objective;
use Regimen\Schedule\Plan;
use Regimen\Schedule\Priority;
use Regimen\Schedule\Problem;
use Regimen\Schedule\Release;
use Regimen\Schedule\Worker;

/** Tries, by really planning again, what the shop could have one more of, and ranks what it gains for which builds. */
final readonly class WhatWouldHelp
{
    private const MOST = 8;

    private const EARLIER = 10_080;

    public function __construct(private House $house, private ShopProblem $problem, private PlanOrder $order)
    {
    }

    /** @return list<array{words: string, kind: string, gains: list<array{number: int, title: string, before: string, after: string, late: bool}>}> the most helpful first */
    public function ranked(): array
    {
        $problem = $this->problem->assemble();
        $keys = $this->order->keys($problem);
        $objective = new Objective;
        $today = $this->planned($problem, $keys);
        $cost = $objective->cost($problem, $today);
        $builds = Build::query()->open()->orderBy('number')->get();
        $tried = [];
        foreach ($this->variations($problem) as [$kind, $words, $other]) {
            $plan = $this->planned($other, $keys);
            $gains = $this->gains($builds, $problem, $today, $plan);
            if ($gains !== [] && $objective->cost($other, $plan) < $cost) {
                $tried[] = ['saved' => $cost - $objective->cost($other, $plan), 'words' => $words, 'kind' => $kind, 'gains' => $gains];
            }
        }
        usort($tried, static fn (array $a, array $b): int => $b['saved'] <=> $a['saved']);

        return array_map(static fn (array $one): array => ['words' => $one['words'], 'kind' => $one['kind'], 'gains' => $one['gains']], array_slice($tried, 0, self::MOST));
    }

    /** @param  array<string, int>  $keys */
    private function planned(Problem $problem, array $keys): Plan
    {
        return Builder::plan($problem, Priority::sorted($problem, $keys));
    }

    /** @return iterable<array{string, string, Problem}> kind, words, and the shop as it would be */
    private function variations(Problem $problem): iterable
    {
        foreach (Resource::query()->where('capacity', '>', 0)->orderBy('id')->get() as $resource) {
            yield [$resource->kind, "One more of the {$resource->name}", $problem->with(['capacities' => [...$problem->capacities, $resource->key => $resource->capacity + 1]])];
        }
        foreach ($problem->workers as $index => $worker) {
            foreach (Skill::cases() as $skill) {
                if (! in_array($skill->value, $worker->skills, true)) {
                    $workers = $problem->workers;
                    $workers[$index] = new Worker($worker->id, $worker->name, [...$worker->skills, $skill->value], $worker->calendar, $worker->speeds);
                    yield ['skill', "{$worker->name} also doing {$skill->value}", $problem->with(['workers' => array_values($workers)])];
                }
            }
        }
        yield from $this->overtime($problem);
        yield from self::earlier($problem);
    }

    /** @return iterable<array{string, string, Problem}> */
    private function overtime(Problem $problem): iterable
    {
        $people = Person::query()->with(['daysOff', 'overtimes'])->get()->keyBy('id');
        foreach ($problem->workers as $index => $worker) {
            $person = $people->get($worker->id);
            if ($person === null) {
                continue;
            }
            $workers = $problem->workers;
            $workers[$index] = new Worker($worker->id, $worker->name, $worker->skills, Calendar::from($this->house->hoursOf($person)->longerEveryDay(60), $problem->now, $worker->name), $worker->speeds);
            yield ['overtime', "{$worker->name} an hour longer every working day", $problem->with(['workers' => array_values($workers)])];
        }
    }

    /** @return iterable<array{string, string, Problem}> */
    private static function earlier(Problem $problem): iterable
    {
        $causes = array_unique(array_filter(array_map(static fn (Activity $activity): ?string => $activity->release?->cause, $problem->activities)));
        foreach ($causes as $cause) {
            $activities = array_map(static fn (Activity $activity): Activity => $activity->release?->cause !== $cause
                ? $activity
                : $activity->with(['release' => new Release(max($problem->now, $activity->release->instant - self::EARLIER), $cause)]), $problem->activities);
            yield ['earlier', "A week earlier: {$cause}", $problem->with(['activities' => $activities])];
        }
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @return list<array{number: int, title: string, before: string, after: string, late: bool}> that would be over on an earlier day
     */
    private function gains(Collection $builds, Problem $problem, Plan $today, Plan $plan): array
    {
        $day = fn (int $finish): string => Minutes::toInstant($finish)->setTimezone($this->house->zone())->toDateString();
        $gains = [];
        foreach ($builds as $build) {
            $before = $today->finishOf("b{$build->id}", $problem);
            $after = $plan->finishOf("b{$build->id}", $problem);
            if ($before !== null && $after !== null && $day($after) < $day($before)) {
                $gains[] = ['number' => $build->number, 'title' => $build->title, 'before' => $day($before), 'after' => $day($after), 'late' => $build->promised_on !== null && $day($before) > $build->promised_on];
            }
        }

        return $gains;
    }
}
