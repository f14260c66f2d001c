<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Outlooks;
use App\Queries\Plan\Placement;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Forecast\Outlook;

/**
 * The open builds with their plan, as Today, the horizon and the list of builds need them; read once for each request.
 */
final class OpenBuilds
{
    /** @var Collection<int, Build>|null */
    private ?Collection $builds = null;

    /** @var \Illuminate\Support\Collection<int, Operation>|null by id */
    private ?\Illuminate\Support\Collection $operations = null;

    /** @var array<int, Outlook> by build */
    private array $outlook = [];

    /** @var array<int, list<Placement>> by build */
    private array $placements = [];

    /** @var array<int, list<Placement>>|null by person */
    private ?array $byPerson = null;

    public function __construct(private readonly Outlooks $outlooks)
    {
    }

    /** @return Collection<int, Build> by number */
    public function all(): Collection
    {
        return $this->builds ??= $this->read();
    }

    /**
     * Plan and people of thousands of operations are read by build and joined here: by the operations' own numbers the framework compares
     * each with each.
     *
     * @return Collection<int, Build>
     */
    private function read(): Collection
    {
        $builds = Build::query()->open()->with(['client', 'specification', 'kit', 'operations'])->orderBy('number')->get();
        $planned = PlanEntry::query()->whereIn('build_id', $builds->modelKeys())->get()->getDictionary();
        $atWork = $builds->flatMap(static fn (Build $build) => $build->operations->toBase()->pluck('person_id'))->filter()->unique();
        $people = $atWork->isEmpty() ? [] : Person::query()->whereKey($atWork->values()->all())->get()->getDictionary();
        foreach ($builds as $build) {
            foreach ($build->operations as $operation) {
                $operation->setRelation('build', $build);
                $operation->setRelation('planned', $planned[$operation->id] ?? null);
                $operation->setRelation('person', $people[$operation->person_id ?? 0] ?? null);
            }
        }

        return $builds;
    }

    public function outlook(Build $build): Outlook
    {
        return $this->outlook[$build->id] ??= $this->outlooks->of($build, Outlooks::finish($this->entries($build)));
    }

    /** @return list<Placement> */
    public function placements(Build $build): array
    {
        return $this->placements[$build->id] ??= array_values(
            $build->operations->toBase()->map(Placement::of(...))->all(),
        );
    }

    /** @return \Illuminate\Support\Collection<int, PlanEntry> */
    public function entries(Build $build): \Illuminate\Support\Collection
    {
        return $build->operations
            ->map(static fn (Operation $operation): ?PlanEntry => $operation->planned)
            ->filter()
            ->values();
    }

    /** @return \Illuminate\Support\Collection<int, Operation> by id */
    public function operations(): \Illuminate\Support\Collection
    {
        return $this->operations ??= $this
            ->all()
            ->toBase()
            ->flatMap(static fn (Build $build) => $build->operations)
            ->keyBy('id');
    }

    /** @return array<int, Outlook> of the promised ones and those that cannot be planned */
    public function outlooks(): array
    {
        return $this->all()->map($this->outlook(...))->values()->all();
    }

    /** @return list<Placement> what somebody is at, themselves or to help, the earliest first */
    public function placedFor(int $personId): array
    {
        if ($this->byPerson === null) {
            $this->byPerson = [];
            $placed = $this->placed()->filter(static fn (Placement $one): bool => $one->start !== null)->all();
            usort($placed, static fn (Placement $a, Placement $b): int => $a->start <=> $b->start);
            foreach ($placed as $one) {
                foreach (array_unique(array_filter([$one->personId, $one->helperId])) as $person) {
                    $this->byPerson[$person][] = $one;
                }
            }
        }

        return $this->byPerson[$personId] ?? [];
    }

    /** @return \Illuminate\Support\Collection<int, Placement> of all open builds */
    public function placed(): \Illuminate\Support\Collection
    {
        return $this->all()->toBase()->flatMap(fn (Build $build): array => $this->placements($build));
    }
}
