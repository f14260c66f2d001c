<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/**
 * What the horizon draws: every operation as a row, when people are there, what is down, and blocks of their own on
 * Today.
 */
final class HorizonTest extends TestCase
{
    private const ROW = [
        'id', 'build', 'name', 'start', 'workEnd', 'finish', 'person', 'station', 'fixture', 'state', 'reason', 'gate',
        'pinned', 'sittings', 'helper',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build();
        $this->actingAs($this->manager);
    }

    public function test_an_operation_travels_as_a_row_in_minutes_since_the_horizon_begins(): void
    {
        $page = $this->get('/horizon')->assertOk()->inertiaProps();
        $from = intdiv((int) strtotime($page['from']), 60);
        $rows = array_map(static fn (array $row): array => array_combine(self::ROW, $row), $page['items']);
        $draw = collect($rows)->firstWhere(
            'id',
            Operation::query()->where('key', PreparationOperation::Draw->value)->value('id'),
        );
        $entry = PlanEntry::query()->findOrFail($draw['id']);
        $this->assertSame([
            1, 'full-size drawing and check', intdiv($entry->start?->getTimestamp() ?? 0, 60) - $from,
            intdiv($entry->work_end?->getTimestamp() ?? 0, 60) - $from, $entry->person_id, 'open',
            $entry->reason_operation_id, false,
        ], [$draw['build'], $draw['name'], $draw['start'], $draw['workEnd'], $draw['person'], $draw['state'], $draw['reason'], $draw['pinned']]);
        $glue = collect($rows)->firstWhere(
            'id',
            Operation::query()->where('key', FretboardOperation::Glue->value)->value('id'),
        );
        $this->assertSame(['flat-beam', 1_440], [$glue['fixture'], $glue['finish'] - $glue['workEnd']]);
        $this->assertCount(PlanEntry::query()->count(), $rows);
        $this->assertTrue(collect($rows)->contains('gate', true));
    }

    public function test_what_is_begun_and_taken_up_again_is_shown_in_its_sittings(): void
    {
        $agree = Operation::query()->where('key', PreparationOperation::Agree->value)->firstOrFail();
        $at = static fn (string $time): int => intdiv((int) strtotime("2026-03-18 {$time} UTC"), 60);
        $sittings = [[$at('08:15'), $at('09:00')], [$at('13:00'), $at('15:15')]];
        PlanEntry::query()->where('operation_id', $agree->id)->update([
            'start' => '2026-03-18 08:15:00', 'work_end' => '2026-03-18 15:15:00', 'sittings' => json_encode($sittings),
        ]);
        $page = $this->get('/horizon')->assertOk()->inertiaProps();
        $from = intdiv((int) strtotime($page['from']), 60);
        $row = collect($page['items'])->firstWhere(0, $agree->id);
        $this->assertSame(
            $sittings, array_map(static fn (array $one): array => [$one[0] + $from, $one[1] + $from], $row[13]),
        );
        $person = PlanEntry::query()->findOrFail($agree->id)->person_id;
        $today = collect($this->get('/today')->inertiaProps('people'))->firstWhere('id', $person)['items'];
        $mine = collect($today)->where('operationId', $agree->id)->values();
        $this->assertSame(
            [['2026-03-18T08:15:00Z', '2026-03-18T09:00:00Z', true], ['2026-03-18T13:00:00Z', '2026-03-18T15:15:00Z', false]],
            $mine->map(static fn (array $one): array => [$one['from'], $one['to'], $one['goesOn']])->all(),
        );
        $week = collect($this->get('/plan/week')->inertiaProps('people'))->firstWhere('id', $person);
        $this->assertCount(2, collect($week['days'])->flatMap(static fn (array $day): array => $day['items'])
            ->where('id', $agree->id));
    }

    public function test_it_says_when_people_are_there_and_what_is_down(): void
    {
        $this->post('/plan/changes', ['changes' => [
            [
                'kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-20', 'part' => '13:00–15:00',
                'what' => 'teaching', 'note' => 'evening class',
            ],
            [
                'kind' => 'down', 'resource' => 3, 'from' => '2026-03-19T08:00', 'to' => '2026-03-19T12:00',
                'note' => 'serviced',
            ],
        ]])->assertSessionHasNoErrors();
        $page = $this->get('/horizon')->inertiaProps();
        $from = intdiv((int) strtotime($page['from']), 60);
        $at = static fn (string $local): int => intdiv(
            (new \DateTimeImmutable($local, new \DateTimeZone('Europe/Berlin')))->getTimestamp(),
            60,
        ) - $from;
        $off = collect($page['people'])->firstWhere('id', $this->maker->id)['off'];
        $this->assertContains([$at('2026-03-20 13:00'), $at('2026-03-20 15:00')], $off);
        $this->assertContains([$at('2026-03-19 17:00'), $at('2026-03-20 08:00')], $off, 'a night');
        $this->assertNotContains([$at('2026-03-20 12:00'), $at('2026-03-20 15:00')], $off);
        $this->assertSame(
            [
                [
                    'key' => 'router-table', 'from' => $at('2026-03-19 08:00'), 'to' => $at('2026-03-19 12:00'),
                    'note' => 'serviced',
                ],
            ],
            $page['outages'],
        );
        $this->at('2026-03-20 09:00');
        $today = collect($this->get('/today')->inertiaProps('people'))->firstWhere('id', $this->maker->id);
        $this->assertSame(
            [[['from' => 780, 'to' => 900, 'words' => 'teaching: evening class']], 390],
            [$today['away'], $today['minutes']],
        );
    }

    public function test_a_pinned_operation_is_marked_and_a_maker_sees_it_but_moves_nothing(): void
    {
        $draw = $this->operation(\App\Models\Build\Build::query()->sole(), PreparationOperation::Draw->value);
        $this->post(
            '/plan/changes',
            ['changes' => [['kind' => 'pin', 'operation' => $draw->id, 'day' => '2026-03-23']]],
        );
        $this->actingAs($this->maker);
        $this->assertTrue(
            array_combine(
                self::ROW,
                collect($this->get('/horizon')->assertOk()->inertiaProps('items'))->firstWhere(0, $draw->id),
            )['pinned'],
        );
        $this->post('/plan/changes', ['changes' => [['kind' => 'pin', 'operation' => $draw->id]]])->assertForbidden();
        $this->assertSame(1, DB::table('pins')->count());
    }

    public function test_what_is_shared_and_what_is_sanded_is_told_at_the_operation(): void
    {
        $build = \App\Models\Build\Build::query()->sole();
        $other = $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        app(Planner::class)->replan('everything is there');
        $shared = PlanEntry::query()->whereNotNull('shares_id')->first();
        $this->assertNotNull($shared, 'two of the same: some set-up serves both');
        $operation = Operation::query()->findOrFail($shared->operation_id);
        $first = Operation::query()->findOrFail($shared->shares_id);
        $this->assertSame($first->set_up_key, $operation->set_up_key);
        $this->assertSame($operation->labour_minutes, $shared->work_minutes, 'without setting up');
        $this->assertStringContainsString(
            'The set-up of No. ', $this->getJson("/operations/{$operation->id}/why")->json('more.0'),
        );
        $this->assertNotSame($build->id, $other->id);
        DB::table('plan_entries')->where('operation_id', $operation->id)->update(['sanding_minutes' => 30]);
        $this->assertStringContainsString(
            '30 minutes of sanding',
            implode(' ', $this->getJson("/operations/{$operation->id}/why")->json('more')),
        );
    }
}
