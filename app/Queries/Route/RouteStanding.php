<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation as OperationModel;
use App\Pages\Route\PartNeeded;
use App\Pages\Route\PlaceInRoute;
use App\Pages\Route\SharedSetting;
use App\Planning\Route\Draft;
use App\Support\Clock;
use Illuminate\Support\Collection;
use Regimen\Route\Operation;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Piece;
use Regimen\Schedule\Search\CriticalPath;

/** Where each operation of a route stands: in the picture, in its state, with its parts and with other builds. */
final readonly class RouteStanding
{
    public function __construct(private Clock $clock)
    {
    }

    /** @return array<string, PlaceInRoute> by operation */
    public function places(Build $build, Draft $draft, CriticalPath $chain): array
    {
        $kept = $build->operations->toBase()->keyBy('key');
        $columns = self::columns($draft);
        $stake = $draft->route->atStake();
        $others = $this->sharing($build);
        $places = [];
        foreach ($draft->route->operations as $operation) {
            $row = $kept->get($operation->key);
            $shared = $operation->setUpKey === '' ? null : $others->get($operation->setUpKey);
            $places[$operation->key] = new PlaceInRoute(
                id: $row?->id,
                state: $this->state($row),
                workedMinutes: (int) $row?->worked_minutes,
                column: $columns[$operation->key],
                critical: $chain->totalFloat($operation->key) === 0,
                slack: $chain->totalFloat($operation->key),
                pieces: array_map(static fn (Piece $piece): string => $piece->value, $operation->pieces),
                stake: $stake[$operation->key]->minutes,
                parts: self::parts($build, $operation),
                sharesWith: $shared === null ? [] : array_values($shared->all()),
            );
        }

        return $places;
    }

    /** What was worked on and is not on the route any more. */
    public function gone(OperationModel $row): PlaceInRoute
    {
        return new PlaceInRoute(
            id: $row->id, state: $this->state($row), workedMinutes: (int) $row->worked_minutes, column: null,
            critical: false, slack: 0,
            pieces: array_map(static fn (Piece $piece): string => $piece->value, $row->pieces), stake: 0, parts: [],
            sharesWith: [],
        );
    }

    private function state(?OperationModel $row): OperationState
    {
        return match (true) {
            $row === null => OperationState::Open,
            $row->isOver($this->clock->now()) => OperationState::Done,
            default => $row->state,
        };
    }

    /** @return list<PartNeeded> the kit lines that it waits for */
    private static function parts(Build $build, Operation $operation): array
    {
        $parts = [];
        foreach ($build->kit as $line) {
            if (! $line->surplus && in_array($line->group, $operation->needs, true)) {
                $parts[] = new PartNeeded(name: $line->name, state: $line->state->value);
            }
        }

        return $parts;
    }

    /**
     * How many operations are before each on the longest way to it: where it stands in the picture.
     *
     * @return array<string, int>
     */
    private static function columns(Draft $draft): array
    {
        $columns = [];
        $before = [];
        foreach ($draft->route->links as $link) {
            $before[$link->after][] = $link->before;
        }
        foreach ($draft->route->operations as $operation) {
            $columns[$operation->key] = array_reduce(
                $before[$operation->key] ?? [],
                static fn (int $most, string $key): int => max($most, $columns[$key] + 1),
                0,
            );
        }

        return $columns;
    }

    /**
     * @return Collection<int|string, Collection<int, SharedSetting>> open operations of other
     *   builds, by their set-up
     */
    private function sharing(Build $build): Collection
    {
        return OperationModel::query()
            ->join('builds', 'builds.id', '=', 'operations.build_id')
            ->where('builds.status', BuildStatus::Open->value)
            ->where('build_id', '!=', $build->id)->where('state', 'open')
            ->whereIn('set_up_key', $build->operations->pluck('set_up_key')->filter()->unique())
            ->get(['operations.id', 'operations.set_up_key', 'builds.number', 'builds.title'])->toBase()
            ->groupBy('set_up_key')
            ->map(
                static fn (Collection $same): Collection => $same->map(
                    static fn (OperationModel $one): SharedSetting => new SharedSetting(
                        number: (int) $one->getAttribute('number'),
                        title: (string) $one->getAttribute('title'),
                        id: $one->id,
                    ),
                )->values(),
            );
    }
}
