<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\House\HouseVersion;
use App\Models\House\OperationStandard;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Planner;
use App\Queries\House\VersionWords;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** A second pair of hands and machines that run by themselves: from the house standard to everybody's day. */
final class CompanyTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_a_house_standard_says_how_long_two_are_needed_and_how_long_a_machine_runs(): void
    {
        $joint = OperationStandard::query()->where('key', BodyOperation::Joint->value)->firstOrFail();
        $form = [
            'version' => 1, 'set_up' => '0:20', 'best' => '0:45', 'labour' => '1', 'worst' => '2', 'hold' => '24 h',
            'skill' => 'bodies', 'fixtures' => '1', 'alone' => '0',
        ];
        $this->put("/house/standards/{$joint->id}", [...$form, 'hands' => 'a while'])->assertSessionHasErrors('hands');
        $this->put("/house/standards/{$joint->id}", [...$form, 'hands' => '1:30'])
            ->assertSessionHasErrors(['hands' => 'Nobody helps for longer than the labour takes.']);
        $this->put("/house/standards/{$joint->id}", [...$form, 'hands' => '0:20', 'alone' => '0:40'])->assertSessionHasNoErrors();
        $this->assertSame([20, 40], [$joint->refresh()->hands_minutes, $joint->alone_minutes]);
        $this->assertStringContainsString(
            'two people for 0 min → 20 min; machine by itself for 0 min → 40 min',
            VersionWords::of(HouseVersion::query()->latest('id')->firstOrFail()),
        );
        $line = collect($this->get('/house/standards')->inertiaProps('standards'))->firstWhere('key', BodyOperation::Joint->value);
        $this->assertSame(['20 min', '40 min'], [$line['ways'][0]['hands'], $line['ways'][0]['alone']]);
        $this->build();
        $operation = $this->operation(Build::query()->firstOrFail(), BodyOperation::Joint->value);
        $this->assertSame([20, 40], [$operation->hands_minutes, $operation->alone_minutes]);
    }

    public function test_only_a_neck_of_many_pieces_needs_two_to_be_glued(): void
    {
        $of = fn (int $pieces): int => (int) Operation::query()
            ->where('build_id', $this->build(['laminations' => (string) $pieces])->id)
            ->where('key', NeckOperation::Laminate->value)
            ->value('hands_minutes');
        $this->assertSame([0, 15], [$of(3), $of(5)]);
    }

    public function test_whoever_helps_sees_it_in_their_day_their_week_and_their_calendar(): void
    {
        $entry = $this->helped();
        $helper = $entry->helper_id === $this->maker->id ? $this->maker : $this->manager;
        $other = $helper->id === $this->maker->id ? $this->manager : $this->maker;
        $day = $entry->start?->setTimezone('Europe/Berlin')->format('Y-m-d');
        $this->at("{$day} 06:00");
        $people = collect($this->get('/today')->assertOk()->inertiaProps('people'));
        $itemsOf = static fn (int $id): \Illuminate\Support\Collection => collect($people->firstWhere('id', $id)['items'])
            ->where('operationId', $entry->operation_id);
        $from = $entry->work_end?->subMinutes(20);
        $this->assertSame(
            [$other->name, $from?->toIso8601ZuluString(), $entry->work_end?->toIso8601ZuluString(), null],
            [
                $itemsOf($helper->id)->first()['helps'], $itemsOf($helper->id)->first()['from'],
                $itemsOf($helper->id)->first()['to'], $itemsOf($helper->id)->first()['hold'],
            ],
        );
        $this->assertSame(
            "{$helper->name} helps from ".$from?->setTimezone('Europe/Berlin')->format('G:i'),
            $itemsOf($other->id)->last()['helped'],
        );
        $week = collect($this->get('/plan/week')->inertiaProps('people'))->firstWhere('id', $helper->id)['days'][$day]['items'];
        $this->assertTrue(collect($week)->firstWhere('id', $entry->operation_id)['helps']);
        $row = collect($this->get('/horizon')->inertiaProps('items'))->firstWhere(0, $entry->operation_id);
        $this->assertSame($helper->id, $row[14][0]);
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $helper->id])->assertSessionHasNoErrors();
        $calendar = str_replace("\r\n ", '', (string) $this->get($this->get('/plan/feeds')->inertiaProps('feeds.0.address'))->getContent());
        $this->assertStringContainsString("UID:help-{$entry->operation_id}@regimen", $calendar);
        $this->assertStringContainsString("help {$other->name} ({$helper->name})", $calendar);
    }

    public function test_when_its_labour_is_done_the_machine_runs_on_within_the_hours_and_the_hold_begins_after_it(): void
    {
        $this->ready(['alone_minutes' => 300]);
        $joint = $this->operation($this->build, BodyOperation::Joint->value);
        $this->at('2026-03-18 16:00');
        $this->post("/operations/{$joint->id}/finish", ['version' => $joint->version])->assertSessionHasNoErrors();
        $joint->refresh();
        $zone = new \DateTimeZone('Europe/Berlin');
        $this->assertGreaterThan('2026-03-19 07:00', $joint->runs_until?->setTimezone($zone)->format('Y-m-d H:i'), 'not over night');
        $this->assertSame(
            $joint->runs_until?->addMinutes($joint->hold_minutes)->toDateTimeString(), $joint->hold_until?->toDateTimeString(),
        );
        $this->assertStringContainsString('the machine runs until Thu 19 Mar', LogEntry::query()->latest('id')->firstOrFail()->text);
        $saw = PlanEntry::query()->whereRelation('operation', 'station', $joint->station)
            ->where('operation_id', '!=', $joint->id)->min('start');
        $this->assertGreaterThanOrEqual($joint->runs_until?->toDateTimeString(), (string) $saw, 'its station is taken until then');
        $this->post("/operations/{$joint->id}/reopen", ['version' => $joint->version, 'because' => 'it was stopped'])
            ->assertSessionHasNoErrors();
        $this->assertNull($joint->refresh()->runs_until);
    }

    public function test_somebody_without_hours_who_sets_a_machine_going_is_there_by_the_clock(): void
    {
        $this->ready(['alone_minutes' => 90]);
        $this->maker->update(['hours' => array_fill(1, 7, [])]);
        $joint = $this->operation($this->build, BodyOperation::Joint->value);
        $this->at('2026-03-18 16:00');
        $this->actingAs($this->maker->refresh())
            ->post("/operations/{$joint->id}/finish", ['version' => $joint->version])
            ->assertSessionHasNoErrors()
            ->assertRedirect();
        $this->assertSame('16:30', $joint->refresh()->runs_until?->format('H:i'), 'half past five in the shop');
    }

    public function test_what_cannot_be_a_time_is_refused(): void
    {
        $joint = OperationStandard::query()->where('key', BodyOperation::Joint->value)->firstOrFail();
        $form = [
            'version' => 1, 'set_up' => '0:20', 'best' => '0:45', 'labour' => '1', 'worst' => '2', 'hold' => '24 h',
            'skill' => 'bodies', 'fixtures' => '1',
        ];
        foreach ([['a'], '-5', '999999999999999999999 h', "\0"] as $wrong) {
            $this->put("/house/standards/{$joint->id}", [...$form, 'hands' => $wrong])->assertSessionHasErrors('hands');
            $this->put("/house/standards/{$joint->id}", [...$form, 'alone' => $wrong])->assertSessionHasErrors('alone');
        }
        $this->actingAs($this->maker)->put("/house/standards/{$joint->id}", $form)->assertForbidden();
        $this->assertSame([0, 0], [$joint->refresh()->hands_minutes, $joint->alone_minutes]);
    }

    private function helped(): PlanEntry
    {
        $this->ready(['hands_minutes' => 20]);

        return PlanEntry::query()->whereNotNull('helper_id')->firstOrFail();
    }

    /** @param  array<string, int>  $joint */
    private function ready(array $joint): void
    {
        $this->build = $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $this->build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::MeasureParts->value, PreparationOperation::SelectTimber->value,
        );
        DB::table('operations')->where('key', BodyOperation::Joint->value)->update($joint);
        app(Planner::class)->replan('ready to cut');
    }
}
