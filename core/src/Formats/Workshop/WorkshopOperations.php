<?php

declare(strict_types=1);

namespace Regimen\Formats\Workshop;

use Regimen\Formats\Json\JsonObject;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\ImpossibleProblem;
use Regimen\Schedule\Problem\PieceId;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Problem\Window;
use Regimen\Units\UnreadableFile;

/** The operations of a workshop file, as activities. */
final class WorkshopOperations
{
    private const DAY = 1_440;

    private const KEYS = [
        'id', 'name', 'setUp', 'labour', 'hold', 'skill', 'station', 'fixture', 'pieces', 'after', 'earliest',
        'because', 'oneSitting', 'setUpKey', 'needs',
        'helpedMinutes', 'machineAloneMinutes',
        'closes', 'sanding', 'order', 'chosen', 'notBefore', 'pin', 'told', 'person', 'startedAt', 'holdUntil', 'done',
    ];

    /** @var array<int|string, Activity> */
    public array $activities = [];

    /** @var array<int|string, string> */
    public array $names = [];

    /** @var array<int|string, int> in which order to plan, by activity, where the file says so */
    public array $keys = [];

    /** @var array<int|string, int> who does it to begin with, by activity, where the file says so */
    public array $chosen = [];

    /** @var array<int|string, int> not before this instant to begin with, by activity, where the file says so */
    public array $notBefore = [];

    /** @var array<string, int> each piece of a build is in one place at a time */
    public array $pieces = [];

    /** @var array<int|string, JsonObject> where each stands, also what is done */
    private array $known = [];

    /** @var list<array{JsonObject, string, string}> what names another operation: where, under which name, and which */
    private array $references = [];

    public function __construct(
        private readonly WorkshopTimes $times,
        private readonly WorkshopPeople $people,
        private readonly WorkshopResources $resources,
    ) {
    }

    public function read(JsonObject $build, string $id): void
    {
        foreach ($build->objects('operations') as $operation) {
            $activity = $this->activity($operation->only(...self::KEYS), $id);
            if (isset($this->known[$activity->id])) {
                throw $operation->wrong('id', 'there are two operations of that id');
            }
            $this->known[$activity->id] = $operation;
            $this->names[$activity->id] = $operation->maybe('name') ?? WorkshopIds::inFile($activity->id);
            $key = $this->times->maybe($operation, 'order');
            if ($operation->flag('done')) {
                continue;
            }
            $this->activities[$activity->id] = $activity;
            if ($key !== null) {
                $this->keys[$activity->id] = $key;
            }
            $chosen = $this->people->number($operation, 'chosen');
            if ($chosen !== null) {
                $this->chosen[$activity->id] = $chosen;
            }
            $notBefore = $this->times->maybe($operation, 'notBefore');
            if ($notBefore !== null) {
                $this->notBefore[$activity->id] = $notBefore;
            }
        }
    }

    /** @throws UnreadableFile for the first operation that is named and does not exist */
    public function checkReferences(): void
    {
        foreach ($this->references as [$object, $key, $id]) {
            if (! isset($this->known[$id])) {
                throw $object->wrong($key, 'there is no operation “'.WorkshopIds::inFile($id).'”');
            }
        }
    }

    public function circle(ImpossibleProblem $impossible): UnreadableFile
    {
        $first = $impossible->activities[0] ?? '';
        $ids = implode(', ', array_map(WorkshopIds::inFile(...), $impossible->activities));

        return isset($this->known[$first])
            ? $this->known[$first]->wrong('after', "these wait for each other: {$ids}")
            : UnreadableFile::because($impossible->getMessage());
    }

    private function activity(JsonObject $operation, string $build): Activity
    {
        $links = array_map(
            static fn (JsonObject $link): JsonObject => $link->only('id', 'least', 'because', 'most', 'sanding'),
            $operation->objects('after'),
        );
        $setUp = $operation->whole('setUp', 0, 0);
        $earliest = $this->times->maybe($operation, 'earliest');

        return new Activity(
            WorkshopIds::operation($operation->text('id')),
            $build,
            $setUp + $operation->whole('labour', 0),
            $operation->whole('hold', 0, 0),
            $operation->maybe('skill'),
            array_map(
                fn (JsonObject $link): Predecessor => new Predecessor(
                    $this->operation($link, 'id'), $link->whole('least', 0, 0), ($link->words('because') ?? '') ?: null,
                ),
                $links,
            ),
            $this->demands($operation, $build),
            $earliest === null ? null : new Release(
                $earliest, ($operation->words('because') ?? '') ?: 'its earliest date',
            ),
            $operation->flag('oneSitting'),
            $this->people->number($operation),
            $this->times->maybe($operation, 'startedAt'),
            $this->times->maybe($operation, 'holdUntil'),
            $this->setUp($operation, $setUp),
            $this->windows($operation, $links),
            $this->pin($operation),
            $this->announced($operation),
            hands: $operation->whole('helpedMinutes', 0, 0),
            alone: $operation->whole('machineAloneMinutes', 0, 0),
        );
    }

    /** What is set is the operation's own station, whatever else it takes. */
    private function setUp(JsonObject $operation, int $minutes): ?SetUp
    {
        $key = $operation->maybe('setUpKey');
        $station = $operation->maybe('station');

        return $key === null ? null : new SetUp(
            $key, $minutes, $station === null ? null : WorkshopIds::resource($station),
        );
    }

    /** The id of an operation that is named; whether it exists is known once all are read. */
    private function operation(JsonObject $object, string $key): string
    {
        $id = WorkshopIds::operation($object->text($key));
        $this->references[] = [$object, $key, $id];

        return $id;
    }

    /** @return list<Demand> */
    private function demands(JsonObject $operation, string $build): array
    {
        $demands = [];
        foreach ($operation->texts('pieces') as $index => $piece) {
            if ($piece === '') {
                throw $operation->wrong("pieces.{$index}", 'a piece has a name');
            }
            $resource = PieceId::of(WorkshopIds::inFile($build), $piece)->text;
            $this->pieces[$resource] = 1;
            $demands[$resource] = new Demand($resource, 1, true);
        }
        foreach ($operation->texts('needs') as $index => $needed) {
            $demands[] = new Demand($this->resources->station($operation, "needs.{$index}", $needed));
        }
        $station = $operation->maybe('station');
        $fixture = $operation->maybeObject('fixture')?->only('id', 'count');

        return [
            ...array_values($demands),
            ...$station === null ? [] : [new Demand($this->resources->station($operation, 'station', $station))],
            ...$fixture === null ? [] : [
                new Demand(
                    $this->resources->fixture($fixture, 'id', $fixture->text('id')), $fixture->whole('count', 1, 1),
                    true,
                ),
            ],
        ];
    }

    /**
     * @param  list<JsonObject>  $links
     * @return list<Window>
     */
    private function windows(JsonObject $operation, array $links): array
    {
        $windows = [];
        foreach ($links as $link) {
            $most = $link->whole('most', 0, 0);
            $sanding = $link->whole('sanding', 0, 0);
            if ($most > 0) {
                $windows[] = new Window($this->operation($link, 'id'), $most, $sanding);
            }
        }
        $closes = $this->times->maybe($operation, 'closes');
        $sanding = $operation->whole('sanding', 0, 0);

        return $closes === null ? $windows : [...$windows, new Window(null, $closes, $sanding)];
    }

    private function pin(JsonObject $operation): ?Pin
    {
        $pin = $operation->maybeObject('pin')?->only('person', 'day', 'after');
        if ($pin === null) {
            return null;
        }
        $day = $pin->has('day') ? intdiv(
            (new \DateTimeImmutable($this->times->day($pin, 'day'), $this->times->zone))->getTimestamp(),
            60,
        ) : null;

        return new Pin(
            $this->people->number($pin), $day, $day === null ? null : $day + self::DAY,
            $pin->has('after') ? $this->operation($pin, 'after') : null,
        );
    }

    private function announced(JsonObject $operation): ?Announced
    {
        $announced = $operation->maybeObject('told')?->only('person', 'start', 'inOrder');

        return $announced === null ? null : new Announced(
            $this->people->number($announced),
            $this->times->instant($announced, 'start'),
            ! $announced->flag('inOrder'),
        );
    }
}
