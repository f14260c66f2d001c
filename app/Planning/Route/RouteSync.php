<?php

declare(strict_types=1);

namespace App\Planning\Route;

use App\Models\Build\Build;
use App\Models\Build\KitLine as KitLineModel;
use App\Models\Build\Measurement;
use App\Models\Build\Operation as OperationModel;
use App\Models\Build\OperationLink;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitLine;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operation;
use Regimen\Route\OperationState;
use Regimen\Setback\PieceKind;

/**
 * Brings a build's route and kit to what is derived for it. What is begun or done stays as it is; what became useless
 * stays too, and is said. Runs inside an action's transaction.
 */
final class RouteSync
{
    /** What is recorded of an operation. */
    private const TELL = ['time_entries', 'readings', 'gate_decisions', 'bench_notes', 'photographs', 'ticks', 'setbacks'];

    /** @return list<string> what could not simply fall away, in words */
    public function apply(Build $build, Draft $draft): array
    {
        $useless = [...$this->route($build, $draft), ...$this->kit($build, $draft)];
        $build->update([
            'route_version' => $build->route_version + 1,
            // A route from before the trade had all operations for it is whole when it is derived anew.
            'route_lacks' => '',
            'estimated_minutes' => $draft->route->work()->minutes,
            'estimated_labour_minor' => $draft->quote->labour->minor,
            'estimated_material_minor' => $draft->quote->material->minor,
        ]);

        return $useless;
    }

    /** @return list<string> */
    private function route(Build $build, Draft $draft): array
    {
        $existing = OperationModel::query()->where('build_id', $build->id)->get()->keyBy('key');
        OperationLink::query()->where('build_id', $build->id)->delete();
        $rows = [];
        foreach ($draft->route->operations as $position => $operation) {
            $known = $existing->pull($operation->key);
            if ($known === null) {
                $rows[] = ['build_id' => $build->id, 'position' => $position, ...OperationRecords::raw($operation)];
            } else {
                $this->update($known, $position, $operation);
            }
        }
        foreach (array_chunk($rows, 40) as $chunk) {
            OperationModel::query()->insert($chunk);
        }
        $useless = $this->drop($existing, count($draft->route->operations));
        $this->link($build, $draft);

        return $useless;
    }

    private function update(OperationModel $known, int $position, Operation $operation): void
    {
        $row = $known->state === OperationState::Open
            ? OperationRecords::row($operation)
            : ['name' => $operation->name];
        $known->fill(['position' => $position, ...$row]);
        if ($known->isDirty(array_keys($row))) {
            $known->version++;
        }
        $known->save();
    }

    /**
     * @param  \Illuminate\Support\Collection<string, OperationModel>  $left
     * @return list<string>
     */
    private function drop(\Illuminate\Support\Collection $left, int $position): array
    {
        $useless = [];
        foreach ($left as $operation) {
            $minutes = (int) TimeEntry::query()->where('operation_id', $operation->id)->sum('minutes');
            $touched = $operation->state !== OperationState::Open || self::isToldOf($operation);
            if ($touched) {
                $operation->update(
                    [
                        'position' => $position++,
                        ...$operation->state === OperationState::Started ? ['waits_for' => ''] : [],
                    ],
                );
                $useless[] = "“{$operation->name}” is no longer needed; ".Say::duration($minutes).' were worked on it.';
            } else {
                PlanEntry::query()->where(
                    'reason_operation_id', $operation->id,
                )->update(['reason_operation_id' => null]);
                PlanEntry::query()->where('operation_id', $operation->id)->delete();
                $operation->delete();
            }
        }

        return $useless;
    }

    /** Whether anything was recorded of it: hours, readings, photographs, notes, what went wrong. That is never lost with a route. */
    private static function isToldOf(OperationModel $operation): bool
    {
        foreach (self::TELL as $table) {
            if (DB::table($table)->where('operation_id', $operation->id)->exists()) {
                return true;
            }
        }

        return DB::table('time_entries')->where('worked_for_id', $operation->id)->exists();
    }

    private function link(Build $build, Draft $draft): void
    {
        $ids = OperationModel::query()->where('build_id', $build->id)->pluck('id', 'key');
        $links = [];
        foreach ($draft->route->links as $link) {
            $links[] = [
                'build_id' => $build->id, 'before_id' => $ids[$link->before], 'after_id' => $ids[$link->after],
                'reason' => $link->reason, 'window_minutes' => $link->window?->minutes,
            ];
        }
        foreach (array_chunk($links, 100) as $chunk) {
            OperationLink::query()->insert($chunk);
        }
    }

    /** @return list<string> what is not needed any more, in words */
    public function kit(Build $build, Draft $draft): array
    {
        $existing = KitLineModel::query()
            ->where('build_id', $build->id)
            ->where('surplus', false)
            ->whereNotIn('unit', [KitLineModel::CUT_HERE, KitLineModel::DONE_ELSEWHERE])
            ->whereNotLike('name', '%'.KitLineModel::BY_USE)
            ->get()
            ->groupBy(static fn (KitLineModel $line): string => (string) preg_replace('/, again$/', '', $line->name));
        $insert = [];
        $came = self::cameWithPieces($build);
        foreach ($draft->kit->lines as $line) {
            if (in_array($line->group, $came, true)) {
                continue;
            }
            $known = $existing->pull($line->name, collect());
            $there = $known->reject(static fn (KitLineModel $one): bool => $one->state === KitState::Needed)->sum(
                static fn (KitLineModel $one): float => $one->quantity - $one->written_off,
            );
            $missing = round($line->quantity - $there, 3);
            $needed = $known->first(static fn (KitLineModel $one): bool => $one->state === KitState::Needed);
            // What was split while some of it came is one line again as long as it is only needed.
            $known->filter(static fn (KitLineModel $one): bool => $one->state === KitState::Needed && ! $one->is($needed))->each(self::remove(...));
            if ($missing <= 0) {
                $needed === null || self::remove($needed);
            } elseif ($needed === null) {
                $insert[] = self::kitRow($build, $line, $missing);
            } elseif ($needed->quantity !== $missing) {
                $needed->update(
                    [
                        'quantity' => $missing, 'estimated_minor' => $line->price->cost->times($missing)->minor,
                        'version' => $needed->version + 1,
                    ],
                );
            }
        }
        KitLineModel::query()->insert($insert);

        return $this->dropFromKit($existing->flatten()->reject(static fn (mixed $line): bool => $line instanceof KitLineModel && in_array($line->group, $came, true)));
    }

    /** @return list<PartGroup> timber of pieces that came from elsewhere: it is in them, whatever the specification calls for */
    private static function cameWithPieces(Build $build): array
    {
        $groups = [];
        foreach (MadePiece::query()->where('build_id', $build->id)->where('state', PieceState::Used->value)->get() as $piece) {
            foreach ($piece->kinds as $kind) {
                $kind === PieceKind::Top || $groups[] = $kind->timber();
            }
        }

        return $groups;
    }

    /**
     * @param  \Illuminate\Support\Collection<int, mixed>  $left
     * @return list<string>
     */
    private function dropFromKit(\Illuminate\Support\Collection $left): array
    {
        $useless = [];
        foreach ($left as $line) {
            if (! $line instanceof KitLineModel) {
                continue;
            }
            if ($line->state === KitState::Needed) {
                self::remove($line);
            } else {
                $line->update(['surplus' => true, 'version' => $line->version + 1]);
                $useless[] = "{$line->name} is no longer needed and is "
                    .($line->state === KitState::Ordered ? 'on order' : 'in the shop').'.';
            }
        }

        return $useless;
    }

    /** What was measured on a part that was wrong stays written down. */
    private static function remove(KitLineModel $line): void
    {
        Measurement::query()->where('kit_line_id', $line->id)->exists() ? $line->update(['surplus' => true, 'version' => $line->version + 1]) : $line->delete();
    }

    /** @return array<string, mixed> */
    private static function kitRow(Build $build, KitLine $line, float $quantity): array
    {
        return [
            'build_id' => $build->id,
            'group' => $line->group->value,
            'name' => $line->name,
            'quantity' => $quantity,
            'unit' => $line->price->unit,
            'supplier' => $line->price->supplier,
            'estimated_minor' => $line->price->cost->times($quantity)->minor,
            'lead_days' => $line->price->leadDays,
            'state' => ($line->price->leadDays === 0 ? KitState::Arrived : KitState::Needed)->value,
        ];
    }
}
