<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\House\Resource;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Problem\ShopProblem;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Route\Standards\Skill;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;

/**
 * Tries, by really planning again, what the shop could have one more of or do otherwise, and ranks what it gains for
 * which builds.
 */
final readonly class WhatWouldHelp
{
    private const MOST = 8;

    private const EARLIER = 10_080;

    private const OVERTIME_WEEKS = 4;

    public function __construct(
        private House $house,
        private ShopProblem $problem,
        private PlanOrder $order,
        private Clock $clock,
    ) {
    }

    /**
     * @return list<array{words: string, kind: string, change: array<string, mixed>|null, gains: list<array{number: int, title: string, before: string, after: string, late: bool}>}> the most helpful first
     */
    public function ranked(): array
    {
        $problem = $this->problem->assemble();
        $today = $this->planned($problem);
        $cost = (new Objective)->cost($problem, $today);
        $builds = Build::query()->open()->orderBy('number')->get();
        $tried = [];
        foreach ($this->variations($problem, $today, $builds) as [$kind, $words, $other, $change]) {
            $plan = $this->planned($other);
            $gains = $this->gains($builds, $problem, $today, $plan);
            $saved = $cost - (new Objective)->cost($other, $plan);
            if ($saved > 0 && $gains !== []) {
                $tried[] = [$saved, ['words' => $words, 'kind' => $kind, 'change' => $change, 'gains' => $gains]];
            }
        }
        // A later promise costs the shop's word: it comes after everything that costs only work or money.
        usort(
            $tried,
            static fn (array $a, array $b): int => [
                $a[1]['kind'] === 'promise', $b[0],
            ] <=> [$b[1]['kind'] === 'promise', $a[0]],
        );

        return array_column(array_slice($tried, 0, self::MOST), 1);
    }

    private function planned(Problem $problem): Plan
    {
        return $this->order->planned($problem)->plan;
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @return iterable<array{string, string, Problem, array<string, mixed>|null}> kind, words, the shop as it would be,
     *   and the change that makes it so
     */
    private function variations(Problem $problem, Plan $today, Collection $builds): iterable
    {
        foreach (Resource::query()->where('capacity', '>', 0)->orderBy('id')->get() as $resource) {
            yield [
                $resource->kind,
                "One more of the {$resource->name}",
                $problem->with(['capacities' => [...$problem->capacities, $resource->key => $resource->capacity + 1]]),
                ['kind' => 'more', 'resource' => $resource->id, 'by' => 1],
            ];
        }
        foreach ($problem->workers as $index => $worker) {
            foreach (Skill::cases() as $skill) {
                if (! in_array($skill->value, $worker->skills, true)) {
                    $workers = $problem->workers;
                    $workers[$index] = new Worker(
                        $worker->id, $worker->name, [...$worker->skills, $skill->value], $worker->calendar,
                        $worker->speeds,
                    );
                    yield [
                        'skill', "{$worker->name} also doing {$skill->value}",
                        $problem->with(['workers' => array_values($workers)]),
                        ['kind' => 'skill', 'person' => $worker->id, 'skill' => $skill->value],
                    ];
                }
            }
        }
        yield from $this->overtime($problem);
        yield from self::earlier($problem);
        yield from $this->later($problem, $today, $builds);
    }

    /** @return iterable<array{string, string, Problem, array<string, mixed>}> */
    private function overtime(Problem $problem): iterable
    {
        $people = Person::query()->with(['daysOff', 'overtimes'])->get()->keyBy('id');
        $from = $this->clock->today($this->house->zone());
        foreach ($problem->workers as $index => $worker) {
            $person = $people->get($worker->id);
            if ($person === null) {
                continue;
            }
            $hours = $this->house->hoursOf($person);
            for ($ahead = 0; $ahead < 7 * self::OVERTIME_WEEKS; $ahead++) {
                $to = (new \DateTimeImmutable("{$from} +{$ahead} days"))->format('Y-m-d');
                $hours = $hours->longer($to, 60);
            }
            $workers = $problem->workers;
            $workers[$index] = new Worker(
                $worker->id, $worker->name, $worker->skills, Calendar::from($hours, $problem->now, $worker->name),
                $worker->speeds,
            );
            yield [
                'overtime',
                "{$worker->name} an hour longer every working day, for ".self::OVERTIME_WEEKS.' weeks',
                $problem->with(['workers' => array_values($workers)]),
                ['kind' => 'longer', 'person' => $worker->id, 'from' => $from, 'to' => $to, 'minutes' => 60],
            ];
        }
    }

    /** @return iterable<array{string, string, Problem, null}> */
    private static function earlier(Problem $problem): iterable
    {
        $causes = array_unique(
            array_filter(
                array_map(static fn (Activity $activity): ?string => $activity->release?->cause, $problem->activities),
            ),
        );
        foreach ($causes as $cause) {
            $activities = array_map(static fn (Activity $activity): Activity => $activity->release?->cause !== $cause
                ? $activity
                : $activity->with(['release' => new Release(max($problem->now, $activity->release->instant - self::EARLIER), $cause)]), $problem->activities);
            yield ['earlier', "A week earlier: {$cause}", $problem->with(['activities' => $activities]), null];
        }
    }

    /**
     * A promise that is late anyway, given for the day on which it can be kept: then others go first again.
     *
     * @param  Collection<int, Build>  $builds
     * @return iterable<array{string, string, Problem, array<string, mixed>}>
     */
    private function later(Problem $problem, Plan $today, Collection $builds): iterable
    {
        foreach ($builds as $build) {
            $due = $problem->dues["b{$build->id}"] ?? new Due(null);
            $finish = $today->finishOf("b{$build->id}", $problem);
            if ($due->instant === null || $finish === null || $finish <= $due->instant) {
                continue;
            }
            $day = (new \DateTimeImmutable($this->day($finish)))->modify('+7 days')->format('Y-m-d');
            $dues = [
                ...$problem->dues,
                "b{$build->id}" => new Due(Minutes::endOfDay($day, $this->house->zone()), $due->round, $due->promise),
            ];
            yield [
                'promise',
                "A later promise for {$build->number} {$build->title}, ".Say::day($day),
                $problem->with(['dues' => $dues]),
                [
                    'kind' => 'promise', 'build' => $build->number, 'promised_on' => $day,
                    'promise_kind' => $build->promise_kind->value,
                ],
            ];
        }
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @return list<array{number: int, title: string, before: string, after: string, late: bool}> that would be over on
     *   an earlier day
     */
    private function gains(Collection $builds, Problem $problem, Plan $today, Plan $plan): array
    {
        $gains = [];
        foreach ($builds as $build) {
            $before = $today->finishOf("b{$build->id}", $problem);
            $after = $plan->finishOf("b{$build->id}", $problem);
            if ($before !== null && $after !== null && $this->day($after) < $this->day($before)) {
                $gains[] = [
                    'number' => $build->number,
                    'title' => $build->title,
                    'before' => $this->day($before),
                    'after' => $this->day($after),
                    'late' => $build->promised_on !== null && $this->day($before) > $build->promised_on,
                ];
            }
        }

        return $gains;
    }

    private function day(int $finish): string
    {
        return Minutes::toInstant($finish)->setTimezone($this->house->zone())->toDateString();
    }
}
