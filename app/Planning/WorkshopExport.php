<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\House\Resource;
use App\Models\People\DayOff;
use App\Models\People\Overtime;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Plan\Standings;
use App\Planning\Problem\Air;
use App\Planning\Problem\ShopProblem;
use App\Support\Clock;
use App\Support\Minutes;
use Regimen\Formats\Workshop\WorkshopFile;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\PieceId;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Window;
use Regimen\Schedule\Time\HoursText;

/** The running shop as a workshop file: what is planned from, with names of people and clients left out. */
final readonly class WorkshopExport
{
    private const DAYS = [1 => 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    public function __construct(
        private House $house,
        private ShopProblem $problem,
        private Standings $standings,
        private Clock $clock,
    ) {
    }

    public function json(): string
    {
        // With what is near today kept as it is, where the plan in force keeps it.
        $standing = $this->standings->read();
        $problem = (new PlanOrder($this->problem->assemble(), $standing))->planned()->problem;
        $byBuild = [];
        // Only what differs from urgency has to be told.
        $order = array_diff_assoc((new PlanOrder($problem, $standing))->keys(), Priority::keys($problem));
        foreach ($problem->activities as $activity) {
            $byBuild[$activity->build][] = [
                ...$this->operation($activity, $problem),
                ...isset($order[$activity->id]) ? ['order' => $this->local($order[$activity->id], 'Y-m-d\TH:iP')] : [],
            ];
        }
        $builds = [];
        foreach ($byBuild as $build => $operations) {
            $due = $problem->dues[$build]->instant ?? null;
            $builds[] = [
                'id' => "b{$build}",
                ...$due === null ? [] : [
                    'promise' => [
                        'date' => $this->local($due, 'Y-m-d'), 'kind' => $problem->dues[$build]->promise->value,
                    ],
                ],
                'operations' => $operations,
            ];
        }

        return json_encode([
            'format' => WorkshopFile::FORMAT,
            'timezone' => $this->house->zone()->getName(),
            'now' => $this->local(Minutes::of($this->clock->now()), 'Y-m-d\TH:iP'),
            'weights' => get_object_vars($problem->weights),
            'closed' => array_keys($this->house->hours()->closed),
            'people' => $this->people(),
            'stations' => [
                ...$this->resources('station', $problem),
                ...self::missing($problem, false),
                ['id' => Air::RESOURCE, 'capacity' => Air::AMOUNT, ...$this->down(Air::RESOURCE, $problem)],
            ],
            'fixtures' => [...$this->resources('fixture', $problem), ...self::missing($problem, true)],
            'builds' => $builds,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return list<array<string, mixed>> */
    private function people(): array
    {
        $people = [];
        foreach (Person::query()->where('active', true)->with(
            ['daysOff', 'overtimes'],
        )->orderBy('id')->get() as $person) {
            $week = array_map(HoursText::print(...), $this->house->hoursOf($person)->week);
            $people[] = [
                'id' => "w{$person->id}", 'skills' => $person->skills,
                'hours' => (object) array_filter(
                    array_combine(
                        array_map(static fn (int $day): string => self::DAYS[$day], array_keys($week)),
                        $week,
                    ),
                ),
                ...array_filter([
                    'speeds' => array_intersect_key($person->speeds, array_flip($person->skills)),
                    'off' => array_values(
                        $person->daysOff
                            ->whereNull('from_minute')
                            ->pluck('date')
                            ->map(static fn (mixed $date): string => (string) $date)
                            ->all(),
                    ),
                    'longer' => array_values(
                        $person->overtimes->map(
                            static fn (Overtime $one): array => $one->only(['from', 'to', 'minutes']),
                        )->all(),
                    ),
                    'away' => array_values(
                        $person->daysOff
                            ->whereNotNull('from_minute')
                            ->map(
                                fn (DayOff $part): array => [
                                    'from' => $this->minute($part->date, $part->from_minute),
                                    'to' => $this->minute($part->date, $part->to_minute),
                                ],
                            )
                            ->all(),
                    ),
                ]),
            ];
        }

        return $people;
    }

    /** @return list<array<string, mixed>> */
    private function resources(string $kind, Problem $problem): array
    {
        return array_values(
            Resource::query()
                ->where('kind', $kind)
                ->orderBy('id')
                ->get()
                ->map(
                    fn (Resource $one): array => [
                        'id' => $one->key, 'capacity' => $one->capacity, ...$this->down($one->key, $problem),
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> what operations need and the shop does not own */
    private static function missing(Problem $problem, bool $fixtures): array
    {
        $missing = [];
        foreach ($problem->activities as $activity) {
            foreach ($activity->demands as $demand) {
                if (! isset($problem->capacities[$demand->resource]) && $demand->throughHold === $fixtures) {
                    $missing[$demand->resource] = ['id' => $demand->resource, 'capacity' => 0];
                }
            }
        }

        return array_values($missing);
    }

    /** @return array<string, mixed> */
    private function down(string $resource, Problem $problem): array
    {
        $down = array_filter($problem->outages, static fn (Outage $outage): bool => $outage->resource === $resource);

        return $down === [] ? [] : ['down' => array_values(array_map(fn (Outage $outage): array => array_filter([
            'from' => $this->local($outage->from, 'Y-m-d\TH:iP'), 'to' => $this->local($outage->to, 'Y-m-d\TH:iP'),
            'because' => $outage->cause, 'climate' => $outage->climate,
        ]), $down))];
    }

    private function minute(string $date, ?int $minutes): string
    {
        $minutes = min((int) $minutes, 1_439);

        return sprintf('%sT%02d:%02d', $date, intdiv($minutes, 60), $minutes % 60);
    }

    /** @return array<string, mixed> */
    private function operation(Activity $activity, Problem $problem): array
    {
        $workers = array_column($problem->workers, 'id');
        $person = static fn (?int $worker): ?string => $worker === null || ! in_array($worker, $workers, true)
            ? null
            : "w{$worker}";
        $pieces = $rest = $needs = [];
        foreach ($activity->demands as $demand) {
            if (PieceId::pieceOf($demand->resource) !== null) {
                $pieces[] = PieceId::pieceOf($demand->resource);
            } elseif ($demand->resource === Air::RESOURCE) {
                $needs[] = Air::RESOURCE;
            } else {
                $rest = [...$rest, ...self::held($demand)];
            }
        }
        $at = fn (?int $instant): ?string => $instant === null ? null : $this->local($instant, 'Y-m-d\TH:iP');

        return array_filter([
            'id' => self::operationId($activity->id), 'setUp' => $activity->setUp?->minutes,
            'setUpKey' => $activity->setUp?->key,
            'labour' => $activity->work - ($activity->setUp->minutes ?? 0), 'hold' => $activity->hold,
            'skill' => $activity->skill, 'pieces' => $pieces, 'needs' => $needs, ...$rest,
            'after' => array_map(
                static fn (Predecessor $one): array => array_filter(
                    [
                        'id' => self::operationId($one->activity), 'least' => $one->lag, 'because' => $one->lagCause,
                        ...self::window($activity, $one->activity),
                    ],
                ),
                array_values(
                    array_filter(
                        $activity->predecessors,
                        static fn (Predecessor $one): bool => isset($problem->activities[$one->activity]),
                    ),
                ),
            ),
            ...$this->fixed($activity, $problem, $person),
            'earliest' => $at($activity->release?->instant), 'because' => $activity->release?->cause,
            'oneSitting' => $activity->oneSitting,
            'person' => $person($activity->worker), 'startedAt' => $at($activity->startedAt),
            'holdUntil' => $at($activity->holdUntil),
        ], static fn (mixed $value, string $key): bool => $key === 'labour' || ! in_array($value, [null, [], 0, false], true), ARRAY_FILTER_USE_BOTH);
    }

    /** As it is called in the file. */
    private static function operationId(int|string $activity): string
    {
        return "o{$activity}";
    }

    /** @return array{most?: int, sanding?: int} */
    private static function window(Activity $activity, int|string $after): array
    {
        foreach ($activity->windows as $window) {
            if ($window->after === $after) {
                return ['most' => $window->minutes, 'sanding' => $window->sanding];
            }
        }

        return [];
    }

    /**
     * @param  \Closure(int|null): ?string  $person
     * @return array<string, mixed>
     */
    private function fixed(Activity $activity, Problem $problem, \Closure $person): array
    {
        $pin = $activity->pin;
        $behind = $pin?->after !== null && isset($problem->activities[$pin->after]) ? $pin->after : null;
        $closes = array_values(
            array_filter($activity->windows, static fn (Window $window): bool => $window->after === null),
        );

        return [
            'pin' => $pin === null ? null : array_filter(
                [
                    'person' => $person($pin->worker),
                    'day' => $pin->from === null ? null : $this->local($pin->from, 'Y-m-d'),
                    'after' => $behind === null ? null : self::operationId($behind),
                ],
            ),
            'told' => $activity->announced === null ? null : array_filter(
                [
                    'person' => $person($activity->announced->worker),
                    'start' => $this->local($activity->announced->start, 'Y-m-d\TH:iP'),
                    'inOrder' => ! $activity->announced->keepsTime,
                ],
            ),
            ...$closes === [] ? [] : [
                'closes' => $this->local($closes[0]->minutes, 'Y-m-d\TH:iP'), 'sanding' => $closes[0]->sanding,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function held(Demand $demand): array
    {
        return $demand->throughHold
            ? ['fixture' => ['id' => $demand->resource, 'count' => $demand->quantity]]
            : ['station' => $demand->resource];
    }

    private function local(int $instant, string $format): string
    {
        return Minutes::toInstant($instant)->setTimezone($this->house->zone())->format($format);
    }
}
