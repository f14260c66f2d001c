<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Support\Minutes;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\OperationState;
use Regimen\Schedule\Time\WorkingHours;

/** The demo shop at work: what the plan says up to an instant is done, with hours that scatter around it. */
final class WorkshopSimulation
{
    /** What can be done while parts are missing. */
    private const BEFORE_PARTS = [
        PreparationOperation::Agree, PreparationOperation::Draw, PreparationOperation::MakeTemplates,
        PreparationOperation::OrderParts, PreparationOperation::SelectTimber,
    ];

    public readonly PartsSimulation $parts;

    /** @var Collection<int, WorkingHours>|null by person */
    private ?Collection $hours = null;

    /** @var array<int, int|null>|null by person */
    private ?array $rates = null;

    private \DateTimeZone $zone;

    public function __construct()
    {
        $this->zone = new \DateTimeZone('Europe/Berlin');
        $this->parts = new PartsSimulation($this->zone);
    }

    public function workUntil(CarbonImmutable $until): void
    {
        if (! PlanEntry::query()->exists()) {
            return;
        }
        $entries = PlanEntry::query()
            ->where('start', '<', $until)
            ->with('operation.build')
            ->orderBy('start')
            ->orderBy('operation_id')
            ->get();
        $done = [];
        foreach ($entries as $entry) {
            if (
                $this->parts->delays($entry->build_id)
                && ! in_array(PreparationOperation::tryFrom($entry->operation->key), self::BEFORE_PARTS, true)
            ) {
                continue;
            }
            if ($entry->operation->state === OperationState::Holding) {
                $this->endHold($entry->operation, $until);
            } elseif ($entry->work_end <= $until) {
                $done[] = $this->finish($entry, $until);
            } else {
                $this->begin($entry, $until);
            }
        }
        LogEntry::query()->insert($done);
        $this->parts->receive($until);
        $this->finishBuilds($until);
    }

    /** What is under way at this hour has its clock running. */
    public function startClocks(CarbonImmutable $now): void
    {
        $open = Operation::query()
            ->where('state', OperationState::Started->value)
            ->orderBy('started_at')
            ->get()
            ->unique('person_id');
        foreach ($open as $operation) {
            $person = Person::query()->findOrFail($operation->person_id);
            $today = $now->setTimezone($this->zone);
            $minute = $today->hour * 60 + $today->minute;
            foreach (app(House::class)->hoursOf($person)->on($today->format('Y-m-d')) as [$from, $to]) {
                if ($minute > $from && $minute < $to) {
                    $since = $today->startOfDay()->addMinutes($from)->utc()->max($operation->started_at ?? $now);
                    TimeEntry::query()
                        ->where('operation_id', $operation->id)
                        ->where('worked_on', $today->format('Y-m-d'))
                        ->delete();
                    TimeEntry::query()->create(
                        [
                            'operation_id' => $operation->id, 'person_id' => $person->id,
                            'worked_on' => $today->format('Y-m-d'), 'started_at' => $since,
                            'rate_minor' => $this->rate($person->id), 'source' => 'clock',
                        ],
                    );
                }
            }
        }
    }

    private function endHold(Operation $operation, CarbonImmutable $until): void
    {
        if ($operation->hold_until !== null && $operation->hold_until <= $until) {
            $operation->update(['state' => OperationState::Done]);
        }
    }

    /** @return array<string, mixed> the logbook's entry */
    private function finish(PlanEntry $entry, CarbonImmutable $until): array
    {
        $operation = $entry->operation;
        $this->work($entry, $entry->work_end ?? $until);
        $holds = $operation->hold_minutes > 0 && $entry->finish > $until;
        $operation->update([
            'state' => $holds ? OperationState::Holding : OperationState::Done,
            'started_at' => $operation->started_at ?? $entry->start,
            'person_id' => $operation->person_id ?? $entry->person_id,
            'labour_done_at' => $entry->work_end,
            'hold_until' => $operation->hold_minutes > 0 ? $entry->finish : null,
        ]);
        $this->parts->order($operation, $entry->work_end ?? $until);
        $this->parts->useUp($operation);

        return [
            'build_id' => $operation->build_id,
            'person_id' => $entry->person_id,
            'at' => $entry->work_end?->toDateTimeString(),
            'kind' => 'done',
            'text' => "Done: {$operation->name}".(
                $operation->hold_minutes > 0 ? ', holds '.Say::duration($operation->hold_minutes) : ''
            ).'.',
        ];
    }

    private function begin(PlanEntry $entry, CarbonImmutable $until): void
    {
        $this->work($entry, $until);
        $entry->operation->update([
            'state' => OperationState::Started,
            'started_at' => $entry->operation->started_at ?? $entry->start,
            'person_id' => $entry->operation->person_id ?? $entry->person_id,
        ]);
    }

    /** Hours day by day, a little more or less than planned. */
    private function work(PlanEntry $entry, CarbonImmutable $until): void
    {
        if ($entry->start === null || $entry->person_id === null) {
            return;
        }
        $scatter = mt_rand(88, 118) / 100;
        $from = $entry->start->setTimezone($this->zone);
        $to = $until->setTimezone($this->zone);
        $hours = $this->hours()->get($entry->person_id) ?? app(House::class)->hours();
        $rows = [];
        for ($day = $from->startOfDay(); $day < $to; $day = $day->addDay()) {
            $minutes = 0;
            foreach ($hours->on($day->format('Y-m-d')) as [$open, $close]) {
                $minutes += max(
                    0,
                    Minutes::of($to->min($day->addMinutes($close))) - Minutes::of($from->max($day->addMinutes($open))),
                );
            }
            if ($minutes > 0) {
                $rows[] = [
                    'operation_id' => $entry->operation_id, 'person_id' => $entry->person_id,
                    'worked_on' => $day->format('Y-m-d'), 'minutes' => max(1, (int) round($minutes * $scatter)),
                    'rate_minor' => $this->rate($entry->person_id), 'source' => 'clock',
                ];
            }
        }
        TimeEntry::query()->insert($rows);
    }

    private function finishBuilds(CarbonImmutable $until): void
    {
        foreach (Build::query()->open()->with('operations')->get() as $build) {
            if ($build->operations->every(static fn (Operation $operation): bool => $operation->isOver($until))) {
                $at = $build->operations->max('labour_done_at');
                $build->update(['status' => BuildStatus::Finished, 'finished_at' => $at]);
                LogEntry::query()->create(
                    [
                        'build_id' => $build->id, 'at' => $at, 'kind' => 'finished',
                        'text' => 'Handed over: the build is finished.',
                    ],
                );
            }
        }
    }

    /** @return Collection<int, WorkingHours> by person */
    private function hours(): Collection
    {
        return $this->hours ??= Person::query()
            ->with('daysOff')
            ->get()
            ->toBase()
            ->mapWithKeys(static fn (Person $person): array => [$person->id => app(House::class)->hoursOf($person)]);
    }

    private function rate(int $person): int
    {
        $this->rates ??= Person::query()->pluck('rate_minor', 'id')->all();

        return $this->rates[$person] ?? app(House::class)->shop()->labour_rate_minor;
    }
}
