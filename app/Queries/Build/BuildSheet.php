<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Planning\Plan\Outlooks;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\Drawings;
use App\Queries\Specification\SpecificationWords;
use App\Support\Clock;
use Illuminate\Support\Collection;

/** Everything about one build. */
final readonly class BuildSheet
{
    public function __construct(
        private House $house,
        private Clock $clock,
        private Outlooks $outlooks,
        private SheetRoute $route,
        private ProgressWords $progress,
    ) {
    }

    /** @return array<string, mixed> */
    public function data(Build $build, Person $viewer): array
    {
        $build->load(
            [
                'client', 'specification', 'draft', 'measurements.person', 'kit', 'logbook.person',
                'operations' => static fn ($query) => $query->with(['planned', 'person', 'runningClocks'])->withSum(
                    'timeEntries as worked_minutes', 'minutes',
                ),
            ],
        );
        $build->operations->each(static fn (Operation $operation) => $operation->setRelation('build', $build));
        $read = Revisions::read($build->specification);
        $finish = Outlooks::finish(
            $build->operations->map(static fn (Operation $operation) => $operation->planned)->filter()->values(),
        );
        $outlook = $this->outlooks->of($build, $build->finished_at ?? $finish);
        $entries = $this->entries($build);
        $people = Person::query()->orderBy('id')->get();

        return [
            'build' => [
                'number' => $build->number,
                'title' => $build->title,
                'client' => $build->client?->name,
                'contact' => $viewer->isManager() ? $build->client?->contact : null,
                'purpose' => $build->purpose->value,
                'open' => $build->status === BuildStatus::Open,
                'calledOff' => $build->status === BuildStatus::CalledOff,
                'finishedAt' => $build->finished_at?->toIso8601ZuluString(),
                'promisedOn' => $build->promised_on,
                'promiseKind' => $build->promise_kind->value,
                'heldUntil' => $build->held_until,
                'heldBecause' => $build->held_because,
                'pushDays' => $build->push_days,
                'finish' => $build->route_lacks === '' ? $finish?->toIso8601ZuluString() : null,
                'routeLacks' => $build->route_lacks,
                'verdict' => $outlook->verdict->value,
                'slackDays' => $outlook->slackDays,
                'slackWords' => BuildLine::slackWords($outlook),
                'version' => $build->version,
                'inOneLine' => $read->orFail()->inOneLine(),
                'inked' => BuildLine::inked($build),
                'draft' => $build->draft?->number,
            ],
            'drawing' => Drawings::of($read),
            'holdsFinish' => $build->route_lacks === '' ? $this->route->holdsFinish($build, $people) : null,
            'specification' => SpecificationWords::of($read, $build->specification),
            'operations' => $this->route->operations($build, $people),
            'kit' => $build->kit->map(fn (KitLine $line): array => $this->kitLine($line, $viewer))->all(),
            'measured' => Measured::offered($build, $read),
            'hours' => $entries->map(static fn (TimeEntry $entry): array => self::hours($entry))->values()->all(),
            'progress' => $this->progress->of($build, $entries->whereNull('struck_at'), $outlook, $viewer->isManager()),
            'logbook' => $build->logbook
                ->take(200)
                ->map(static fn (LogEntry $entry): array => self::logged($entry))
                ->values()
                ->all(),
            'people' => $viewer->isManager()
                ? $people->where('active', true)->map(
                    static fn (Person $person): array => $person->only(['id', 'name']),
                )->values()->all()
                : [],
        ];
    }

    /** @return Collection<int, TimeEntry> */
    private function entries(Build $build): Collection
    {
        return TimeEntry::query()
            ->whereIn('operation_id', $build->operations->pluck('id'))
            ->with(['person', 'operation'])
            ->orderByDesc('worked_on')->orderByDesc('id')
            ->get();
    }

    /** @return array<string, mixed> */
    private function kitLine(KitLine $line, Person $viewer): array
    {
        return [
            ...$line->only(['id', 'group', 'name', 'quantity', 'unit', 'supplier', 'used', 'version']),
            'writtenOff' => $line->written_off,
            'left' => $line->left(),
            'state' => $line->state->value,
            'leadDays' => $line->lead_days,
            'surplus' => $line->surplus,
            'expectedOn' => $line->expected_on,
            'arrivedOn' => $line->arrived_on,
            'overdue' => $line->expected_on !== null && ! $line->state->isInTheShop()
                && $line->expected_on < $this->clock->today($this->house->zone()),
            'cost' => $viewer->isManager() ? $this->house->money($line->costMinor())->plain() : null,
            'costIsEstimate' => $line->cost_minor === null,
        ];
    }

    /** @return array<string, mixed> */
    private static function hours(TimeEntry $entry): array
    {
        return [
            'id' => $entry->id,
            'person' => $entry->person->name,
            'personId' => $entry->person_id,
            'operation' => $entry->operation->name,
            'on' => $entry->worked_on,
            'minutes' => $entry->minutes,
            'source' => $entry->source,
            'struck' => $entry->struck_at !== null,
            'struckBecause' => $entry->struck_because,
        ];
    }

    /** @return array<string, mixed> */
    private static function logged(LogEntry $entry): array
    {
        return [
            'id' => $entry->id, 'at' => $entry->at->toIso8601ZuluString(), 'by' => $entry->person?->name,
            'kind' => $entry->kind, 'text' => $entry->text,
        ];
    }
}
