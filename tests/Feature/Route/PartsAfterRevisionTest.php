<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\KitLine;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\WhatFollows;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitState;
use Regimen\Route\Operations\AssemblyOperation;
use Tests\TestCase;

/** A route and a kit that follow their specification, with work and parts already in them. */
final class PartsAfterRevisionTest extends TestCase
{
    use SyncedRoute;

    public function test_more_of_what_is_there_is_needed_again_and_less_of_it_is_not(): void
    {
        $wire = KitLine::query()->where('name', 'fret wire')->sole();
        $wire->update(['state' => KitState::Arrived]);
        $before = $wire->quantity;
        $this->sync(['frets' => '27', 'joinFret' => '21']);
        $lines = KitLine::query()->where('name', 'fret wire')->orderBy('id')->get();
        $this->assertSame(
            ['arrived', 'needed'],
            $lines->map(static fn (KitLine $line): string => $line->state->value)->all(),
        );
        $this->assertSame($before, $lines[0]->quantity);
        $this->assertGreaterThan(0, $lines[1]->quantity);
        $this->assertLessThan($before, $lines[1]->quantity, 'only the difference is needed');
        $this->sync([]);
        $this->assertSame(
            ['arrived'],
            KitLine::query()
                ->where('name', 'fret wire')
                ->get()
                ->map(static fn (KitLine $line): string => $line->state->value)
                ->all(),
        );
    }

    public function test_a_part_that_nobody_needs_any_more_holds_nothing_up_and_still_costs(): void
    {
        KitLine::query()->where('name', 'neck screws and plate')->update(
            ['state' => KitState::Ordered->value, 'expected_on' => '2026-12-24', 'cost_minor' => 1_500],
        );
        $useless = $this->sync(['joint' => 'set']);
        $this->assertSame(['neck screws and plate is no longer needed and is on order.'], $useless);
        $assembly = PlanEntry::query()->where(
            'operation_id', $this->operation($this->build, AssemblyOperation::Hardware->value)->id,
        )->sole();
        $this->assertLessThan('2026-12-01', $assembly->start?->toDateString(), 'the plan does not wait for it');
        $kit = collect($this->actingAs($this->manager)->get('/builds/1')->inertiaProps('kit'));
        $this->assertSame(
            [true, '15.00'],
            [
                $kit->firstWhere('name', 'neck screws and plate')['surplus'],
                $kit->firstWhere('name', 'neck screws and plate')['cost'],
            ],
        );
    }

    public function test_trying_a_revision_leaves_no_trace(): void
    {
        $state = static fn (): string => (string) json_encode(array_map(
            static fn (string $table): array => DB::table($table)
                ->orderBy($table === 'plan_entries' ? 'operation_id' : 'id')
                ->get()
                ->all(),
            [
                'builds', 'operations', 'operation_links', 'kit_lines', 'plans', 'plan_entries', 'planned_finishes',
                'log_entries', 'specification_revisions',
            ],
        ));
        $before = $state();
        [$now, $then] = app(WhatFollows::class)->of(
            $this->build,
            $this->draft(['joint' => 'set', 'finish' => 'nitrocellulose', 'colour' => 'black']),
        );
        $this->assertSame($before, $state());
        $this->assertNotNull($now);
        $this->assertGreaterThan($now, $then, 'lacquer that cures for weeks takes longer');
    }
}
