<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Build\OperationLink;
use App\Models\People\TimeEntry;
use App\Models\Plan\Outage as OutageModel;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Database\Eloquent\Builder as Query;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Regimen\Route\OperationState;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Problem;

/** All open builds together, as one problem for the core. */
final readonly class ShopProblem
{
    /** Rounds of planning after what is promised. */
    private const HELD = 1;

    private const DRAFT = 2;

    public const STOCK = 3;

    public function __construct(
        private House $house,
        private Activities $activities,
        private Air $air,
        private Clock $clock,
    ) {
    }

    /**
     * @param  list<Activity>  $draft  a build that is only thought of, planned behind everything already promised and
     *                                 before what nobody has been promised
     * @param  array<int, list<Activity>>  $held  what is quoted and holds its place, by that place: behind everything promised, before the draft
     */
    public function assemble(array $draft = [], array $held = []): Problem
    {
        $now = Minutes::of($this->clock->now());
        $activities = [];
        $dues = [];
        $capacities = [...$this->house->capacities(), Air::RESOURCE => Air::AMOUNT, Air::BOX => Air::AMOUNT];
        $workers = $this->house->workers($now);
        $fixed = new Fixed($this->house, $now, $workers);
        $links = $this->links();
        foreach ($this->builds() as $build) {
            $key = BuildId::of($build->id)->number;
            foreach ($this->activities->ofBuild($build, $links) as $activity) {
                $activities[] = $fixed->on($activity, $build);
            }
            $dues[$key] = $build->promised_on === null
                ? new Due(null, round: self::STOCK)
                : new Due(Minutes::endOfDay($build->promised_on, $this->house->zone()), promise: $build->promise_kind);
            $capacities += Demands::pieces($key);
        }
        foreach ([[0, self::DRAFT, $draft], ...array_map(static fn (array $one, int $place): array => [$place, self::HELD, $one], $held, array_keys($held))] as [$place, $round, $thought]) {
            if ($thought !== []) {
                array_push($activities, ...$thought);
                $dues[BuildId::draft($place)->number] = new Due(null, round: $round);
                $capacities += Demands::pieces(BuildId::draft($place)->number);
            }
        }

        return new Problem(
            $now, $activities, $workers, $capacities, $dues, [...$this->outages($now), ...$this->air->outages()],
            $this->house->weights(), $this->house->resourceHours($now),
        );
    }

    /** @return list<Outage> */
    private function outages(int $now): array
    {
        $outages = OutageModel::query()
            ->with('resource')
            ->where('to', '>', Minutes::toInstant($now))
            ->orderBy('id')
            ->get();

        return array_values($outages->map(static fn (OutageModel $one): Outage => new Outage(
            $one->resource->key,
            Minutes::of($one->from),
            Minutes::of($one->to),
            $one->note === '' ? 'it is down' : $one->note,
        ))->all());
    }

    /** @return array<int, list<Before>> by the operation that comes after */
    private function links(): array
    {
        $rows = OperationLink::query()
            ->join('operations as before', 'before.id', '=', 'operation_links.before_id')
            ->whereIn('operation_links.build_id', Build::query()->open()->select('id'))
            ->toBase()
            ->get(['after_id', 'before_id', 'window_minutes', 'before.labour_done_at as done_at', 'before.state as state']);
        $links = [];
        foreach ($rows as $row) {
            $links[(int) $row->after_id][] = new Before(
                (int) $row->before_id, $row->window_minutes === null ? null : (int) $row->window_minutes,
                $row->done_at === null ? null : (string) $row->done_at, $row->state === OperationState::Open->value,
            );
        }

        return $links;
    }

    /**
     * Plan and clocks of thousands of operations are read by build and joined here: by the operations' own numbers the framework compares
     * each with each.
     *
     * @return Collection<int, Build>
     */
    private function builds(): Collection
    {
        $builds = Build::query()->open()->with(['operations' => self::unfinished(...), 'kit'])->orderBy('number')->get();
        $planned = PlanEntry::query()->whereIn('build_id', $builds->modelKeys())->get()->getDictionary();
        $clocks = TimeEntry::query()->whereNull('minutes')->whereNull('struck_at')->get()->groupBy('operation_id');
        foreach ($builds as $build) {
            foreach ($build->operations as $operation) {
                $operation->setRelation('planned', $planned[$operation->id] ?? null);
                $operation->setRelation('runningClocks', $clocks->get($operation->id, new Collection));
            }
        }

        return $builds;
    }

    /** @param  HasMany<Operation, Build>|Query<Operation>  $operations */
    private static function unfinished(mixed $operations): void
    {
        $operations->where('state', '!=', 'done')->withSum('timeEntries as worked_minutes', 'minutes');
    }
}
