<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Build\OperationLink;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Planner;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** The bridge between the records and the core. */
final class PlanningTest extends TestCase
{
    public function test_every_plan_keeps_links_people_fixtures_and_pieces(): void
    {
        $this->openShop();
        foreach ([
            ['joint' => 'set', 'finish' => 'nitrocellulose', 'colour' => 'red'],
            [
                'body' => 'chambered',
                'layers' => [
                    ['timber' => 'sugar maple', 'thickness' => '6'], ['timber' => 'red alder', 'thickness' => '39'],
                ],
            ],
            ['boardTimber' => 'sugar maple', 'finish' => 'nitrocellulose'],
            [],
        ] as $change) {
            $this->build($change);
        }
        $entries = PlanEntry::query()->with('operation')->get()->keyBy('operation_id');
        $this->assertSame(Operation::query()->count(), $entries->whereNotNull('start')->count());
        foreach (OperationLink::query()->get() as $link) {
            $this->assertLessThanOrEqual($entries[$link->after_id]->start, $entries[$link->before_id]->finish);
        }
        foreach ($entries->groupBy('person_id') as $person => $own) {
            $this->assertNoOverlap(
                $own->flatMap(static fn (PlanEntry $entry): array => self::sittings($entry))->all(),
                1,
                "person {$person}",
            );
        }
        $capacity = DB::table('resources')->pluck('capacity', 'key');
        foreach ($entries->whereNotNull('operation.fixture')->groupBy('operation.fixture') as $fixture => $held) {
            $this->assertNoOverlap(
                $held->map(static fn (PlanEntry $entry): array => [$entry->start, $entry->finish])->all(),
                $capacity[$fixture],
                $fixture,
            );
        }
        foreach (Build::query()->pluck('id') as $build) {
            foreach (['neck', 'fretboard', 'body'] as $piece) {
                $on = $entries->filter(
                    static fn (PlanEntry $entry): bool => $entry->build_id === $build
                        && in_array($piece, $entry->operation->pieces, true),
                );
                $this->assertNoOverlap(
                    $on->map(static fn (PlanEntry $entry): array => [$entry->start, $entry->finish])->all(),
                    1,
                    "{$piece} of {$build}",
                );
            }
        }
    }

    public function test_people_do_only_what_they_can(): void
    {
        $this->openShop();
        $this->build();
        foreach (PlanEntry::query()->where('person_id', $this->maker->id)->with('operation')->get() as $entry) {
            $this->assertContains($entry->operation->skill, $this->maker->skills);
        }
        $this->assertGreaterThan(0, PlanEntry::query()->where('person_id', $this->maker->id)->count());
    }

    public function test_a_promise_that_needs_it_goes_first_though_others_were_told(): void
    {
        $this->openShop();
        $late = $this->build([], '2026-12-01');
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $soon = $this->build([], '2026-12-01');
        DB::table('kit_lines')->update(['state' => 'arrived']);
        app(Planner::class)->replan('everything is there');
        $finish = fn (Build $build): string => substr((string) PlanEntry::query()
            ->where('build_id', $build->id)->max('finish'), 0, 10);
        foreach ([[$late, $soon], [$soon, $late]] as [$urgent, $other]) {
            $date = $finish($other) < $finish($urgent) ? $finish($other) : $finish($urgent);
            $this->actingAs($this->manager)->post("/builds/{$urgent->number}/promise", [
                'version' => $urgent->refresh()->version, 'promised_on' => $date, 'because' => 'the show is sooner',
            ])->assertSessionHasNoErrors();
            $this->assertLessThanOrEqual($date, $finish($urgent), 'it is kept, whoever was to go first');
            $urgent->refresh()->update(['promised_on' => '2026-12-01']);
        }
    }

    public function test_what_was_told_for_the_next_days_is_not_turned_over_for_nothing(): void
    {
        $this->openShop();
        $build = $this->build();
        $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        app(Planner::class)->replan('everything is there');
        $templates = $this->operation($build, PreparationOperation::MakeTemplates->value)->id;
        $near = static fn (): Collection => PlanEntry::query()
            ->where('start', '<', '2026-03-20 23:00:00')
            ->where('operation_id', '!=', $templates)
            ->orderBy('start')
            ->orderBy('operation_id')
            ->get(['operation_id', 'person_id'])
            ->toBase();
        $told = $near();
        $this->actingAs($this->manager)
            ->post(
                '/plan/changes',
                [
                    'changes' => [
                        [
                            'kind' => 'pin',
                            'operation' => $this->operation($build, PreparationOperation::MakeTemplates->value)->id,
                            'day' => '2026-03-24',
                        ],
                    ],
                ],
            )
            ->assertSessionHasNoErrors();
        $this->assertSame(
            $told->toArray(),
            $near()->whereIn('operation_id', $told->pluck('operation_id'))->values()->toArray(),
            'who does what in which order stays; something else may be done in between',
        );
    }

    public function test_work_under_way_is_planned_for_what_is_left_of_it(): void
    {
        $this->openShop();
        $build = $this->build();
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $this->actingAs($this->manager)
            ->post("/operations/{$agree->id}/hours", ['hours' => '2', 'worked_on' => '2026-03-17', 'sure' => true])
            ->assertSessionHasNoErrors();
        $left = fn (): int => Minutes::of(PlanEntry::query()->findOrFail($agree->id)->work_end ?? now())
            - Minutes::of(app(Clock::class)->now());
        $this->assertSame(63, $left(), 'three hours less two, from the next mark at 9:15');
        $this->post(
            "/operations/{$agree->id}/hours", ['hours' => '5', 'worked_on' => '2026-03-16', 'sure' => true],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            23,
            $left(),
            'over its time, the tenth that only finishing earns is left: 18 minutes, up to the next mark',
        );
    }

    public function test_two_plannings_do_not_mix(): void
    {
        $this->openShop();
        $this->build();
        $operations = PlanEntry::query()->count();
        app(Planner::class)->replan('one');
        app(Planner::class)->replan('two');
        $this->assertSame($operations, PlanEntry::query()->count(), 'one plan stands, whole');
        $this->assertSame(3, DB::table('plans')->count());
    }

    public function test_the_plan_in_force_is_read_as_it_was_made(): void
    {
        $this->openShop();
        $finish = ['finish' => 'nitrocellulose'];
        $this->build($finish, '2026-06-30');
        $this->build([], '2026-05-29');
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(Build::query()->where('number', 2)->firstOrFail(), PreparationOperation::Agree->value, PreparationOperation::Draw->value);
        // Some of it cannot be planned, a window is missed, and a machine is down.
        DB::table('operations')->where('key', 'neck.carve')->where('build_id', 1)->update(['skill' => 'electronics']);
        $made = app(Planner::class)->replan('now');
        $read = app(Planner::class)->inForce();
        $this->assertEquals($made->assignments, $read->plan->assignments);
        $this->assertEquals($made->unplanned, $read->plan->unplanned);
        $this->assertNotSame([], $made->assignments);
    }

    /** @return list<array{\DateTimeInterface, \DateTimeInterface}> */
    private static function sittings(PlanEntry $entry): array
    {
        if ($entry->sittings === []) {
            return [[$entry->start ?? now(), $entry->work_end ?? now()]];
        }

        return array_map(
            static fn (array $one): array => [Minutes::toInstant($one[0]), Minutes::toInstant($one[1])], $entry->sittings,
        );
    }

    /** @param  array<int, array{\DateTimeInterface, \DateTimeInterface}>  $stretches */
    private function assertNoOverlap(array $stretches, int $capacity, string $what): void
    {
        $changes = [];
        foreach ($stretches as [$from, $to]) {
            $changes[] = [$from->getTimestamp(), 1, 1];
            $changes[] = [$to->getTimestamp(), 0, -1];
        }
        sort($changes);
        $use = 0;
        foreach ($changes as [, , $change]) {
            $use += $change;
            $this->assertLessThanOrEqual($capacity, $use, $what);
        }
    }
}
