<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\LogEntry;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\OperationState;
use Tests\TestCase;

final class WorkTest extends TestCase
{
    use BenchWork;

    public function test_a_clock_starts_the_operation_and_stopping_records_the_hours_at_the_persons_rate(): void
    {
        $build = $this->build();
        $this->finished(
            $build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::OrderParts->value, PreparationOperation::MeasureParts->value,
            PreparationOperation::SelectTimber->value,
        );
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $square = $this->operation($build, NeckOperation::Square->value);
        $this->actingAs($this->maker)->post("/operations/{$square->id}/clock")->assertSessionHasNoErrors();
        $this->assertSame(OperationState::Started, $square->refresh()->state);
        $this->assertSame('started', PlanEntry::query()->find($square->id)?->reason_kind);

        $this->at('2026-03-18 10:02');
        $entry = TimeEntry::query()->sole();
        $this->post("/clocks/{$entry->id}/stop")->assertSessionHasNoErrors();
        $this->assertSame([50, 3000, 'clock'], [$entry->refresh()->minutes, $entry->rate_minor, $entry->source]);
        $this->post("/clocks/{$entry->id}/stop")->assertSessionHasErrors('clock');
        $this->assertSame(50, $entry->refresh()->minutes);
    }

    public function test_one_running_clock_a_person(): void
    {
        $build = $this->build();
        $this->finished($build, PreparationOperation::Agree->value);
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->actingAs($this->manager)
            ->post('/operations/'.$this->operation($build, PreparationOperation::Draw->value)->id.'/clock')
            ->assertSessionHasNoErrors();
        $this->post(
            '/operations/'.$this->operation($build, PreparationOperation::SelectTimber->value)->id.'/clock',
        )->assertSessionHasErrors('clock');
        $this->assertSame(1, TimeEntry::query()->count());
        $this->expectException(QueryException::class);
        DB::table('time_entries')->insert(
            [
                'operation_id' => $this->operation($build, PreparationOperation::SelectTimber->value)->id,
                'person_id' => $this->manager->id,
                'worked_on' => '2026-03-18',
                'rate_minor' => 1,
                'source' => 'clock',
            ],
        );
    }

    public function test_two_people_may_work_on_one_operation_each_by_their_own_clock(): void
    {
        $build = $this->build();
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $this->actingAs($this->manager)->post("/operations/{$agree->id}/clock")->assertSessionHasNoErrors();
        $this->actingAs($this->maker)->post("/operations/{$agree->id}/clock")->assertSessionHasNoErrors();
        $this->assertSame($this->manager->id, $agree->refresh()->person_id, 'whoever began it keeps it in the plan');
        $this->at('2026-03-18 09:42');
        $this->post(
            '/clocks/'.TimeEntry::query()->where('person_id', $this->maker->id)->sole()->id.'/stop',
        )->assertSessionHasNoErrors();
        $this->assertSame(1, TimeEntry::query()->whereNull('minutes')->count());
        $this->actingAs($this->manager)
            ->post("/operations/{$agree->id}/finish", ['version' => 2])
            ->assertSessionHasErrors('finish');
        $this->at('2026-03-18 09:50');
        $this->post(
            '/clocks/'.TimeEntry::query()->where('person_id', $this->manager->id)->sole()->id.'/stop',
        )->assertSessionHasNoErrors();
        $this->post("/operations/{$agree->id}/finish", ['version' => 2])->assertSessionHasNoErrors();
        $this->assertSame(68, (int) TimeEntry::query()->sum('minutes'));
    }

    public function test_a_started_operation_can_be_finished_without_recorded_hours_and_stays_honest_about_it(): void
    {
        $build = $this->build();
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $this->actingAs($this->manager)
            ->post("/operations/{$agree->id}/finish", ['version' => 1])
            ->assertSessionHasNoErrors();
        $figures = collect($this->get('/builds/1')->inertiaProps('progress.figures'));
        $this->assertSame(
            'not yet', $figures->firstWhere('key', 'cpi')['value'], 'three hours are earned, none is recorded',
        );
        $this->assertEquals(3, $this->get('/builds/1')->inertiaProps('progress.earned'));
    }

    public function test_the_clock_of_an_operation_that_waits_for_a_decision_is_not_started_by_mistake(): void
    {
        $build = $this->build();
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $this->actingAs($this->manager)
            ->post("/operations/{$agree->id}/wait", ['version' => 1, 'what' => 'the colour', 'until' => '2026-03-25'])
            ->assertSessionHasNoErrors();
        $this->post("/operations/{$agree->id}/clock")->assertSessionHasErrors('clock');
        $this->assertStringContainsString('waits for: the colour', session('errors')->first('clock'));
        $this->post(
            "/operations/{$agree->id}/wait", ['version' => 2, 'what' => '', 'until' => null],
        )->assertSessionHasNoErrors();
        $this->post("/operations/{$agree->id}/clock")->assertSessionHasNoErrors();
    }

    public function test_nobody_stops_anothers_clock(): void
    {
        $build = $this->build();
        $this->actingAs($this->manager)
            ->post('/operations/'.$this->operation($build, PreparationOperation::Agree->value)->id.'/clock')
            ->assertSessionHasNoErrors();
        $this->actingAs($this->maker)
            ->post('/clocks/'.TimeEntry::query()->sole()->id.'/stop')
            ->assertSessionHasErrors('clock');
        $this->assertNull(TimeEntry::query()->sole()->minutes);
    }

    public function test_an_operation_waits_for_what_comes_before_and_for_its_parts_and_says_why(): void
    {
        $build = $this->build();
        $this->actingAs($this->maker)
            ->post('/operations/'.$this->operation($build, NeckOperation::Square->value)->id.'/clock')
            ->assertSessionHasErrors('clock');
        $this->assertStringContainsString('is not done', session('errors')->first('clock'));
        $this->finished($build, PreparationOperation::Agree->value);
        $this->post(
            '/operations/'.$this->operation($build, PreparationOperation::SelectTimber->value)->id.'/clock',
        )->assertSessionHasErrors('clock');
        $this->assertStringContainsString(
            'has not arrived: sugar maple for the neck', session('errors')->first('clock'),
        );
    }

    public function test_the_second_of_two_who_change_the_same_is_told_and_nothing_is_overwritten(): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager)
            ->post("/operations/{$agree->id}/finish", ['version' => 1])
            ->assertSessionHasNoErrors();
        $this->actingAs($this->maker)
            ->post("/operations/{$agree->id}/finish", ['version' => 1])
            ->assertSessionHasErrors('conflict');
        $this->assertSame($this->manager->id, $agree->refresh()->person_id);
        $this->assertSame(1, LogEntry::query()->where('kind', 'done')->count());
    }

    public function test_the_logbook_is_never_edited(): void
    {
        $this->build();
        foreach ([
            'update' => fn () => DB::table('log_entries')->update(['text' => 'nothing happened']),
            'delete' => fn () => DB::table('log_entries')->delete(),
        ] as $what => $change) {
            try {
                $change();
                $this->fail("the database allowed to {$what}");
            } catch (QueryException $refused) {
                $this->assertStringContainsString('never edited', $refused->getMessage());
            }
        }
    }
}
