<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanTrouble;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/**
 * Recoat windows in the plan of a shop: a coat follows in time, is held back for it, or costs its sanding, and once
 * only.
 */
final class WindowsTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->build = $this->build(['finish' => 'two-part']);
        DB::table('operations')->where('stage', '!=', 'finish')->update(['state' => 'done']);
        DB::table('kit_lines')->update(['state' => 'arrived']);
    }

    public function test_coats_are_planned_within_their_windows(): void
    {
        $this->planned();
        foreach ($this->windows() as [$before, $after, $minutes]) {
            $until = PlanEntry::query()->findOrFail($before)->work_end?->addMinutes($minutes);
            $this->assertLessThanOrEqual($until, PlanEntry::query()->findOrFail($after)->start);
        }
        $this->assertSame(0, PlanEntry::query()->where('sanding_minutes', '>', 0)->count());
    }

    public function test_a_window_over_a_closed_week_is_told_or_kept_by_waiting(): void
    {
        DB::table('operation_links')->whereNotNull('window_minutes')->update(['window_minutes' => 300]);
        foreach (['2026-03-19', '2026-03-20', '2026-03-23', '2026-03-24'] as $day) {
            DB::table('closed_days')->insert(['date' => $day]);
        }
        $this->at('2026-03-18 15:30');
        $this->planned();
        $entries = PlanEntry::query()->where('sanding_minutes', '>', 0)->get();
        foreach ($this->windows() as [$before, $after, $minutes]) {
            $isMissed = PlanEntry::query()
                ->findOrFail($after)->start > PlanEntry::query()
                ->findOrFail($before)->work_end
                ?->addMinutes($minutes);
            $this->assertSame($isMissed, $entries->contains('operation_id', $after), 'missed and sanded, or kept');
        }
        $told = PlanTrouble::query()->where('kind', 'window')->pluck('operation_id')->all();
        $this->assertEqualsCanonicalizing($entries->pluck('operation_id')->all(), $told);
        foreach ($entries as $entry) {
            $operation = Operation::query()->findOrFail($entry->operation_id);
            $this->assertSame(
                $operation->workMinutes() + 30, $entry->work_minutes, 'half an hour of sanding, by the house standard',
            );
        }
    }

    public function test_a_coat_that_is_on_already_counts_from_when_it_was_put_on_and_sanding_on_the_route_is_not_counted_twice(): void
    {
        [$before, $after, $minutes] = $this->windows()[0];
        $coat = Operation::query()->findOrFail($before);
        DB::table('operations')
            ->where('build_id', $this->build->id)
            ->where('position', '<', $coat->position)
            ->update(['state' => 'done']);
        DB::table('operations')->where('id', $before)->update(
            ['state' => 'done', 'started_at' => '2026-03-17 14:00:00', 'labour_done_at' => '2026-03-17 15:00:00'],
        );
        DB::table('operation_links')
            ->where('before_id', $before)
            ->where('after_id', $after)
            ->update(['window_minutes' => 1_060]);
        DB::table('days_off')->insert(
            ['person_id' => $this->manager->id, 'date' => '2026-03-18', 'from_minute' => 540, 'to_minute' => 660],
        );
        $this->planned();
        $next = PlanEntry::query()->findOrFail($after);
        $this->assertSame(
            [30, '2026-03-18'], [$next->sanding_minutes, $next->start?->toDateString()],
            'it closes at twenty to ten, and who could spray is away until eleven',
        );
        $this->at('2026-03-18 10:00');
        $this->planned();
        $this->assertSame(
            1, Operation::query()->where('key', 'like', '%.scuff')->count(),
            'now that it has closed the sanding is on the route',
        );
        $this->assertSame(0, PlanEntry::query()->findOrFail($after)->sanding_minutes, 'and not in the coat any more');
        $this->assertNotNull($minutes);
    }

    /** @return list<array{int, int, int}> the coat before, the coat after, minutes */
    private function windows(): array
    {
        return array_values(
            DB::table('operation_links')
                ->whereNotNull('window_minutes')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (object $link): array => [
                        (int) $link->before_id, (int) $link->after_id, (int) $link->window_minutes,
                    ],
                )
                ->all(),
        );
    }

    private function planned(): void
    {
        app()->forgetScopedInstances();
        app(Planner::class)->replan('a test');
    }
}
