<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Actions\Plan\Changes\Choices;
use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Stores\Blank;
use App\Pages\Later;
use App\Pages\Setback\PhotographLine;
use App\Pages\Sheet\BuildSheetProps;
use App\Pages\Sheet\HoursLine;
use App\Pages\Sheet\LogLine;
use App\Pages\Sheet\PersonName;
use App\Pages\Sheet\ReasonChain;
use App\Pages\Sheet\SheetBuild;
use App\Pages\Sheet\SheetKitLine;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Parts\Catalogue;
use App\Planning\Plan\Outlooks;
use App\Planning\Specification\Revisions;
use App\Planning\Stores\BuildLots;
use App\Queries\Forecast\OpenChances;
use App\Queries\Parts\InStockFor;
use App\Queries\Setback\BuildSetbacks;
use App\Queries\Setback\TellForms;
use App\Queries\Specification\Drawings;
use App\Queries\Specification\SpecificationWords;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
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
        private BuildSetbacks $setbacks,
        private TellForms $tellForms,
        private InStockFor $inStock,
        private OpenChances $chances,
    ) {
    }

    public function data(Build $build, Person $viewer): BuildSheetProps
    {
        $build->load(
            [
                'client', 'specification', 'draft', 'measurements.person', 'kit.blanks', 'kit.part', 'logbook.person',
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

        $inStock = $build->status === BuildStatus::Open ? $this->inStock->kit($build->kit) : [];

        return new BuildSheetProps(
            build: $this->build($build, $read, $finish, $outlook, $viewer),
            drawing: Drawings::ofRevision($build->specification)->drawing,
            next: $this->next->of($build, $people),
            holdsFinish: $build->route_lacks === '' ? $this->route->holdsFinish($build, $people) : null,
            specification: SpecificationWords::of($read, $build->specification, BuildLots::of($build)),
            operations: $this->route->operations($build, $people),
            kit: array_values($build->kit->map(fn (KitLine $line): SheetKitLine => $this->kitLine($line, $viewer, $inStock[$line->id] ?? []))->all()),
            measured: Measured::offered($build, $read),
            hours: array_values($entries->map(static fn (TimeEntry $entry): HoursLine => self::hours($entry))->all()),
            progress: $this->progress->of($build, $entries->whereNull('struck_at'), $outlook, $viewer->isManager()),
            logbook: self::logbook($build),
            photographs: self::photographs($build),
            setbacks: $this->setbacks->ofBuild($build, $viewer),
            pieces: $this->setbacks->pieces($build),
            tell: $build->status === BuildStatus::Open ? $this->tellForms->of($build) : null,
            people: $viewer->isManager() ? self::names($people) : [],
            chain: new Later(fn (): ReasonChain => $this->whyNotSooner->of($build)),
        );
    }

    private function build(
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
            contact: $viewer->isManager() ? $build->client?->reach() : null,
            clientId: $viewer->isManager() ? $build->client_id : null,
            purpose: $build->purpose,
            open: $build->status === BuildStatus::Open,
            calledOff: $build->status === BuildStatus::CalledOff,
            writtenOff: $build->status === BuildStatus::WrittenOff,
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
            chance: $this->chances->shown($build->id, $this->house->zone()),
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

    /** @param  list<Option>  $inStock */
    private function kitLine(KitLine $line, Person $viewer, array $inStock): SheetKitLine
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
            cutFrom: implode(', ', $line->blanks->map(static fn (Blank $one): string => "blank {$one->id} from board {$one->board_id}")->all()),
            part: $line->part === null || $line->part->name === $line->name ? '' : $line->part->name, inStock: $inStock,
            canGoBack: $viewer->isManager() && $line->state === KitState::Arrived && $line->used + $line->written_off <= 0 && $line->piece_id === null && Catalogue::isPart($line->group, $line->unit) && $line->lead_days > 0,
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
            now: match (true) {
                $entry->setback_id !== null || $entry->operation->setback_id !== null => 'lost, in the loss account',
                $entry->piece_id !== null => "in P{$entry->piece_id}, in stock",
                $entry->worked_for_id !== null => 'came with its piece from another instrument',
                default => '',
            },
            struck: $entry->struck_at !== null,
            struckBecause: $entry->struck_because,
        );
    }

    /** @return list<LogLine> */
    private static function logbook(Build $build): array
    {
        $entries = $build->logbook->take(200);
        $later = $entries->whereNotNull('corrects_id')->groupBy('corrects_id');

        return array_values($entries->map(static fn (LogEntry $entry): LogLine => self::logged(
            $entry, array_values(($later->get($entry->id) ?? collect())->map(static fn (LogEntry $one): string => $one->text)->all()),
        ))->all());
    }

    /** @return list<PhotographLine> in the order in which they were taken */
    private static function photographs(Build $build): array
    {
        return array_values(Photograph::query()->with(['person:id,name', 'operation:id,name'])->where('build_id', $build->id)->orderBy('at')->orderBy('id')->get()
            ->map(static fn (Photograph $one): PhotographLine => new PhotographLine(
                id: $one->id, version: $one->version, at: $one->at->toIso8601ZuluString(), by: $one->person->name, caption: $one->caption,
                operation: $one->operation->name ?? '', of: $one->setback_id !== null ? 'setback' : ($one->at_gate ? 'gate' : 'operation'), client: $one->for_client,
                width: $one->width, height: $one->height,
            ))->all());
    }

    /** @param  list<string>  $corrected  what later entries say in its place */
    private static function logged(LogEntry $entry, array $corrected): LogLine
    {
        return new LogLine(
            id: $entry->id,
            at: $entry->at->toIso8601ZuluString(),
            by: $entry->person?->name,
            kind: $entry->kind,
            text: $entry->text,
            corrected: $corrected,
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
