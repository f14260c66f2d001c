<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\OperationLink;
use App\Models\Plan\PlanEntry;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Costing\KitState;
use Regimen\Route\OperationState;
use Tests\TestCase;

/** A route and a kit that follow their specification, with work and parts already in them. */
final class RouteSyncTest extends TestCase
{
    use SyncedRoute;

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function changes(): iterable
    {
        yield 'another joint' => [['joint' => 'set']];
        yield 'a through neck' => [['joint' => 'through', 'finish' => 'shellac']];
        yield 'another finish' => [['finish' => 'water-borne', 'colour' => 'blue']];
        yield 'chambers' => [
            [
                'body' => 'chambered',
                'layers' => [['timber' => 'limba', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39']],
            ],
        ];
        yield 'fewer pickups' => [['pickups' => []]];
        yield 'a bass' => [['type' => 'bass', 'strings' => '5', 'scale' => '34"', 'nutWidth' => '']];
        yield 'a flat-top' => [['type' => 'flat-top', 'layers' => null, 'pickups' => null, 'body' => 'flat-top']];
        yield 'two parts and a rest of lacquer' => [
            ['finish' => 'two-part', 'boardTimber' => 'sugar maple', 'stiffeningRods' => 'yes'],
        ];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('changes')]
    public function test_an_untouched_build_becomes_what_is_derived_and_comes_back(array $typed): void
    {
        $typed = array_filter($typed, static fn (mixed $one): bool => $one !== null)
            + array_fill_keys(array_keys(array_filter($typed, is_null(...))), null);
        $this->sync($typed);
        $this->assertDerived($typed);
        $this->assertSame([], $this->sync([]));
        $this->assertDerived([]);
    }

    public function test_what_was_photographed_noted_or_read_of_an_operation_is_not_lost_with_it(): void
    {
        $this->sync([]);
        $by = ['person_id' => 1, 'at' => '2026-03-18 08:00:00'];
        foreach ([
            'photographs' => ['width' => 4, 'height' => 3], 'bench_notes' => ['operation_key' => 'x', 'kind' => 'note', 'text' => 'the covers are here'],
            'ticks' => ['list' => 'closing', 'item' => 'x'],
            'readings' => ['round' => 1, 'line' => 'x', 'place' => '', 'value' => 1, 'unit' => 'mm', 'tool' => ''],
        ] as $table => $row) {
            $install = Operation::query()->where('key', 'like', 'electronics.%')->orderBy('id')->get();
            foreach ($install as $one) {
                DB::table($table)->insert([...$row, ...$by, 'operation_id' => $one->id]);
            }
            $useless = $this->sync(['pickups' => []]);
            $this->assertNotSame([], $useless, $table);
            $this->assertGreaterThan(0, DB::table($table)->count());
            DB::table($table)->delete();
            $this->sync(['pickups' => []]);
            $this->sync([]);
        }
    }

    /** @param  array<string, mixed>  $typed */
    private function assertDerived(array $typed): void
    {
        $draft = $this->draft($typed);
        $keys = array_map(static fn ($operation): string => $operation->key, $draft->route->operations);
        $this->assertSame(
            $keys,
            Operation::query()->where('build_id', $this->build->id)->orderBy('position')->pluck('key')->all(),
        );
        $this->assertSame(
            count($draft->route->links), OperationLink::query()->where('build_id', $this->build->id)->count(),
        );
        $kit = collect($draft->kit->lines)
            ->mapWithKeys(static fn ($line): array => [$line->name => round($line->quantity, 3)])
            ->sortKeys()
            ->all();
        $this->assertEquals(
            $kit,
            KitLine::query()
                ->where('build_id', $this->build->id)
                ->orderBy('name')
                ->pluck('quantity', 'name')
                ->sortKeys()
                ->all(),
        );
        $this->assertSame(
            $draft->route->work()->minutes,
            (int) Operation::query()->where('build_id', $this->build->id)->sum(
                DB::raw('set_up_minutes + labour_minutes'),
            ),
        );
        $this->assertSame($draft->route->work()->minutes, $this->build->refresh()->estimated_minutes);
        $this->assertSame(
            count($keys),
            PlanEntry::query()->where('build_id', $this->build->id)->whereNotNull('start')->count(),
            'all of it is planned',
        );
    }

    public function test_what_is_begun_done_ordered_or_used_is_never_lost(): void
    {
        mt_srand(5);
        $operations = Operation::query()->where('build_id', $this->build->id)->orderBy('position')->get();
        foreach ($operations->take(14) as $index => $operation) {
            $operation->update(
                [
                    'state' => $index < 10 ? OperationState::Done : OperationState::Started,
                    'started_at' => '2026-03-16 08:00:00',
                    'labour_done_at' => $index < 10 ? '2026-03-16 09:00:00' : null,
                    'person_id' => $this->manager->id,
                ],
            );
            DB::table('time_entries')->insert(
                [
                    'operation_id' => $operation->id, 'person_id' => $this->manager->id, 'worked_on' => '2026-03-16',
                    'minutes' => 30, 'rate_minor' => 4800, 'source' => 'clock',
                ],
            );
        }
        KitLine::query()
            ->where('build_id', $this->build->id)
            ->orderBy('id')
            ->limit(6)
            ->update(['state' => KitState::Arrived->value, 'arrived_on' => '2026-03-16']);
        $touched = Operation::query()
            ->where('state', '!=', 'open')
            ->orderBy('id')
            ->get()
            ->map(
                static fn (Operation $one): array => $one->only(['id', 'key', 'state', 'started_at', 'labour_minutes']),
            )
            ->all();
        $arrived = KitLine::query()->where('state', 'arrived')->orderBy('id')->pluck('name', 'id')->all();
        $choices = [
            'joint' => ['bolt-on', 'set', 'through', 'bolted_mortise'],
            'finish' => ['wiping-oil', 'nitrocellulose', 'shellac', 'water-borne'],
            'boardTimber' => ['sugar maple', 'Indian rosewood'],
            'colour' => ['', 'black'],
            'pickups' => [[], [['place' => 'bridge', 'kind' => 'humbucker']]],
            'layers' => [
                [['timber' => 'limba', 'thickness' => '45']],
                [['timber' => 'limba', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39']],
            ],
        ];
        for ($round = 0; $round < 12; $round++) {
            $this->sync(array_map(static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)], $choices));
            $this->assertEquals(
                $touched,
                Operation::query()
                    ->where('state', '!=', 'open')
                    ->orderBy('id')
                    ->get()
                    ->map(
                        static fn (Operation $one): array => $one->only(
                            ['id', 'key', 'state', 'started_at', 'labour_minutes'],
                        ),
                    )
                    ->all(),
            );
            $this->assertSame(
                $arrived,
                KitLine::query()
                    ->where('state', 'arrived')
                    ->whereIn('id', array_keys($arrived))
                    ->orderBy('id')
                    ->pluck('name', 'id')
                    ->all(),
            );
            $this->assertSame(420, (int) DB::table('time_entries')->sum('minutes'));
            $this->assertSame(
                0,
                OperationLink::query()
                    ->whereNotIn('before_id', Operation::query()->select('id'))
                    ->orWhereNotIn('after_id', Operation::query()->select('id'))
                    ->count(),
            );
        }
    }
}
