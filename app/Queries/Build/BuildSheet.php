<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Actions\Plan\Changes\Choices;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Pages\Later;
use App\Pages\Sheet\BuildSheetProps;
use App\Pages\Sheet\HoursLine;
use App\Pages\Sheet\LogLine;
use App\Pages\Sheet\PersonName;
use App\Pages\Sheet\ReasonChain;
use App\Pages\Sheet\SheetBuild;
use App\Pages\Sheet\SheetKitLine;
use App\Planning\House\House;
use App\Planning\Plan\Outlooks;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\Drawings;
use App\Queries\Specification\SpecificationWords;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Regimen\Forecast\Outlook;
use Regimen\Instrument\Reading\ReadSpecification;

/** Everything about one build. */
final readonly class BuildSheet
{
    public function __construct(
        private House $house,
        private Clock $clock,
        private Outlooks $outlooks,
        private SheetRoute $route,
        private ProgressWords $progress,
        private WhyNotSooner $whyNotSooner,
        private SheetNext $next,
    ) {
    }

    public function data(Build $build, Person $viewer): BuildSheetProps
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

        return new BuildSheetProps(
            build: self::build($build, $read, $finish, $outlook, $viewer),
            drawing: Drawings::ofRevision($build->specification)->drawing,
            next: $this->next->of($build, $people),
            holdsFinish: $build->route_lacks === '' ? $this->route->holdsFinish($build, $people) : null,
            specification: SpecificationWords::of($read, $build->specification),
            operations: $this->route->operations($build, $people),
            kit: array_values($build->kit->map(fn (KitLine $line): SheetKitLine => $this->kitLine($line, $viewer))->all()),
            measured: Measured::offered($build, $read),
            hours: array_values($entries->map(static fn (TimeEntry $entry): HoursLine => self::hours($entry))->all()),
            progress: $this->progress->of($build, $entries->whereNull('struck_at'), $outlook, $viewer->isManager()),
            logbook: array_values(
                $build->logbook->take(200)->map(static fn (LogEntry $entry): LogLine => self::logged($entry))->all(),
            ),
            people: $viewer->isManager() ? self::names($people) : [],
            chain: new Later(fn (): ReasonChain => $this->whyNotSooner->of($build)),
        );
    }

    private static function build(
        Build $build,
        ReadSpecification $read,
        ?CarbonImmutable $finish,
        Outlook $outlook,
        Person $viewer,
    ): SheetBuild {
        return new SheetBuild(
            number: $build->number,
            title: $build->title,
            client: $build->client?->name,
            contact: $viewer->isManager() ? $build->client?->contact : null,
            purpose: $build->purpose,
            open: $build->status === BuildStatus::Open,
            calledOff: $build->status === BuildStatus::CalledOff,
            finishedAt: $build->finished_at?->toIso8601ZuluString(),
            promisedOn: $build->promised_on,
            promiseKind: $build->promise_kind,
            heldUntil: $build->held_until,
            heldBecause: $build->held_because,
            pushDays: $build->push_days,
            finish: $build->route_lacks === '' ? $finish?->toIso8601ZuluString() : null,
            routeLacks: $build->route_lacks,
            verdict: $outlook->verdict,
            slackDays: $outlook->slackDays,
            slackWords: BuildLines::slackWords($outlook),
            version: $build->version,
            inOneLine: $read->orFail()->inOneLine(),
            inked: BuildLines::inked($build),
            draft: $build->draft?->number,
            promiseKinds: Choices::promises(),
        );
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

    private function kitLine(KitLine $line, Person $viewer): SheetKitLine
    {
        return new SheetKitLine(
            id: $line->id,
            group: $line->group->value,
            name: $line->name,
            quantity: $line->quantity,
            unit: $line->unit,
            supplier: $line->supplier,
            used: $line->used,
            version: $line->version,
            writtenOff: $line->written_off,
            left: $line->left(),
            state: $line->state,
            leadDays: $line->lead_days,
            surplus: $line->surplus,
            expectedOn: $line->expected_on,
            arrivedOn: $line->arrived_on,
            overdue: $line->expected_on !== null && ! $line->state->isInTheShop()
                && $line->expected_on < $this->clock->today($this->house->zone()),
            cost: $viewer->isManager() ? $this->house->money($line->costMinor())->plain() : null,
            costIsEstimate: $line->cost_minor === null,
        );
    }

    private static function hours(TimeEntry $entry): HoursLine
    {
        return new HoursLine(
            id: $entry->id,
            person: $entry->person->name,
            personId: $entry->person_id,
            operation: $entry->operation->name,
            on: $entry->worked_on,
            minutes: $entry->minutes,
            source: $entry->source,
            canStop: $entry->minutes === null && $entry->struck_at === null && ! $entry->person->canSignIn(),
            struck: $entry->struck_at !== null,
            struckBecause: $entry->struck_because,
        );
    }

    private static function logged(LogEntry $entry): LogLine
    {
        return new LogLine(
            id: $entry->id,
            at: $entry->at->toIso8601ZuluString(),
            by: $entry->person?->name,
            kind: $entry->kind,
            text: $entry->text,
        );
    }

    /**
     * @param  Collection<int, Person>  $people
     * @return list<PersonName>
     */
    private static function names(Collection $people): array
    {
        return array_values($people->where('active', true)->map(
            static fn (Person $person): PersonName => new PersonName(id: $person->id, name: $person->name),
        )->all());
    }
}
