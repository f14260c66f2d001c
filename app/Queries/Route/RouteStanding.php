<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\Operation as OperationModel;
use App\Planning\Route\Draft;
use App\Support\Clock;
use Illuminate\Support\Collection;
use Regimen\Route\Operation;
use Regimen\Route\Standards\Piece;
use Regimen\Schedule\Search\CriticalPath;

/** Where each operation of a route stands: in the picture, in its state, with its parts and with other builds. */
final readonly class RouteStanding
{
    public function __construct(private Clock $clock)
    {
    }

    /** @return list<array{name: string, state: string}> the kit lines that it waits for */
    public function parts(Build $build, Operation $operation): array
    {
        $parts = [];
        foreach ($build->kit->where('surplus', false)->filter(
            static fn (KitLine $line): bool => in_array($line->group, $operation->needs, true),
        ) as $line) {
            $parts[] = ['name' => $line->name, 'state' => $line->state->value];
        }

        return $parts;
    }

    /** @return array<string, mixed> */
    public static function place(Operation $operation, CriticalPath $chain): array
    {
        return [
            'critical' => $chain->totalFloat($operation->key) === 0,
            'slack' => $chain->totalFloat($operation->key),
            'pieces' => array_map(static fn (Piece $piece): string => $piece->value, $operation->pieces),
        ];
    }

    /** @return array<string, mixed> */
    public function standing(?OperationModel $row): array
    {
        return [
            'id' => $row?->id,
            'state' => $row === null ? 'open' : ($row->isOver($this->clock->now()) ? 'done' : $row->state->value),
            'workedMinutes' => (int) $row?->worked_minutes,
        ];
    }

    /**
     * How many operations are before each on the longest way to it: where it stands in the picture.
     *
     * @return array<string, int>
     */
    public static function columns(Draft $draft): array
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
     * @return Collection<string, Collection<int, array{number: int, title: string, id: int}>> open operations of other
     *   builds, by their set-up
     */
    public function sharing(Build $build): Collection
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
                    static fn (OperationModel $one): array => [
                        'number' => (int) $one->getAttribute('number'), 'title' => (string) $one->getAttribute('title'),
                        'id' => $one->id,
                    ],
                )->values(),
            );
    }
}
