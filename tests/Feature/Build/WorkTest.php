<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\OperationState;
use Tests\TestCase;

final class WorkTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
    }

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

    public function test_hours_over_midnight_of_a_clock_change_count_what_really_passed(): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager);
        // The night to Sunday 29 March has an hour less: from 23:30 to 4:00 three and a half hours pass.
        $this->at('2026-03-28 23:30');
        $this->post("/operations/{$agree->id}/clock")->assertSessionHasNoErrors();
        $this->at('2026-03-29 04:00');
        $this->post('/clocks/'.TimeEntry::query()->sole()->id.'/stop')->assertSessionHasNoErrors();
        $this->assertSame(
            [210, '2026-03-28'],
            [TimeEntry::query()->sole()->minutes, TimeEntry::query()->sole()->worked_on],
        );
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

    public function test_a_forgotten_clock_asks_for_the_hours_really_worked(): void
    {
        $build = $this->build();
        $this->actingAs($this->manager)->post(
            '/operations/'.$this->operation($build, PreparationOperation::Agree->value)->id.'/clock',
        );
        $entry = TimeEntry::query()->sole();
        $this->at('2026-03-19 09:12');
        $this->post("/clocks/{$entry->id}/stop")->assertSessionHasErrors('minutes');
        $this->post("/clocks/{$entry->id}/stop", ['minutes' => '30 h'])->assertSessionHasErrors('minutes');
        $this->post("/clocks/{$entry->id}/stop", ['minutes' => '2:30'])->assertSessionHasNoErrors();
        $this->assertSame(150, $entry->refresh()->minutes);
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

    #[TestWith(['25', '2026-03-18', 'hours', '24 hours'])]
    #[TestWith(['0', '2026-03-18', 'hours', 'Zero'])]
    #[TestWith(['-2', '2026-03-18', 'hours', 'below zero'])]
    #[TestWith(['much', '2026-03-18', 'hours', 'can\'t be read'])]
    #[TestWith(['', '2026-03-18', 'hours', 'needed'])]
    #[TestWith(['2', '2026-03-19', 'worked_on', 'not come yet'])]
    #[TestWith(['2', '18 March', 'worked_on', 'no day of the calendar'])]
    public function test_hours_that_cannot_be(string $hours, string $day, string $field, string $says): void
    {
        $operation = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager)
            ->post("/operations/{$operation->id}/hours", ['hours' => $hours, 'worked_on' => $day])
            ->assertSessionHasErrors($field);
        $this->assertStringContainsString($says, session('errors')->first($field));
        $this->assertSame([0, OperationState::Open], [TimeEntry::query()->count(), $operation->refresh()->state]);
    }

    public function test_a_day_never_holds_more_than_24_hours_of_one_person(): void
    {
        $operation = $this->operation($this->build(), PreparationOperation::Agree->value);
        $url = "/operations/{$operation->id}/hours";
        $this->actingAs($this->manager)
            ->post($url, ['hours' => '20', 'worked_on' => '2026-03-17'])
            ->assertSessionHasNoErrors();
        $this->post($url, ['hours' => '5', 'worked_on' => '2026-03-17'])->assertSessionHasErrors('hours');
        $this->post($url, ['hours' => '4', 'worked_on' => '2026-03-17'])->assertSessionHasNoErrors();
        $this->post(
            $url,
            ['hours' => '1', 'worked_on' => '2026-03-17', 'person_id' => $this->maker->id],
        )->assertSessionHasNoErrors();
        $this->assertSame(1500, (int) TimeEntry::query()->sum('minutes'));
    }

    public function test_a_maker_enters_only_their_own_hours(): void
    {
        $operation = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->maker)
            ->post(
                "/operations/{$operation->id}/hours",
                ['hours' => '1', 'worked_on' => '2026-03-17', 'person_id' => $this->manager->id],
            )
            ->assertForbidden();
        $this->post(
            "/operations/{$operation->id}/hours", ['hours' => '1', 'worked_on' => '2026-03-17'],
        )->assertSessionHasNoErrors();
        $this->assertSame($this->maker->id, TimeEntry::query()->sole()->person_id);
    }

    public function test_done_without_a_hold_is_over_and_with_one_it_holds(): void
    {
        $build = $this->build();
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $this->actingAs($this->manager)
            ->post("/operations/{$agree->id}/finish", ['version' => 1])
            ->assertSessionHasNoErrors();
        $this->assertSame(OperationState::Done, $agree->refresh()->state);
        $this->assertNull(PlanEntry::query()->find($agree->id), 'what is done is not planned');

        DB::table('kit_lines')->update(['state' => 'arrived']);
        $timber = $this->operation($build, PreparationOperation::SelectTimber->value);
        $this->post("/operations/{$timber->id}/finish", ['version' => 1])->assertSessionHasNoErrors();
        $timber->refresh();
        $this->assertSame(
            [OperationState::Holding, '2026-03-21 09:12'],
            [$timber->state, $timber->hold_until?->setTimezone('Europe/Berlin')->format('Y-m-d H:i')],
        );

        $this->post("/operations/{$timber->id}/end-hold", ['version' => 2])->assertSessionHasErrors('because');
        $this->post(
            "/operations/{$timber->id}/end-hold", ['version' => 2, 'because' => 'the meter says so'],
        )->assertSessionHasNoErrors();
        $this->assertSame(OperationState::Done, $timber->refresh()->state);
    }

    public function test_a_hold_that_has_run_out_frees_what_comes_after(): void
    {
        $build = $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::OrderParts->value, PreparationOperation::MeasureParts->value,
        );
        $this->actingAs($this->manager)->post(
            '/operations/'.$this->operation($build, PreparationOperation::SelectTimber->value)->id.'/finish',
            ['version' => 1],
        );
        $square = $this->operation($build, NeckOperation::Square->value);
        $this->post("/operations/{$square->id}/clock")->assertSessionHasErrors('clock');
        $this->at('2026-03-23 08:00');
        $this->post("/operations/{$square->id}/clock")->assertSessionHasNoErrors();
    }

    public function test_a_running_clock_is_stopped_before_done(): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager)->post("/operations/{$agree->id}/clock");
        $this->post("/operations/{$agree->id}/finish", ['version' => 2])->assertSessionHasErrors('finish');
        $this->assertSame(OperationState::Started, $agree->refresh()->state);
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

    public function test_reopening_wants_a_reason_and_nothing_begun_behind_it(): void
    {
        $build = $this->build();
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $this->actingAs($this->manager)->post("/operations/{$agree->id}/finish", ['version' => 1]);
        $this->post(
            "/operations/{$agree->id}/reopen", ['version' => 2, 'because' => ''],
        )->assertSessionHasErrors('because');
        $this->post(
            '/operations/'.$this->operation($build, PreparationOperation::Draw->value)->id.'/clock',
        )->assertSessionHasNoErrors();
        $this->post(
            "/operations/{$agree->id}/reopen", ['version' => 2, 'because' => 'wrong build'],
        )->assertSessionHasErrors('reopen');
        $this->assertSame(OperationState::Done, $agree->refresh()->state);
        DB::table('time_entries')->delete();
        DB::table('operations')->where('key', PreparationOperation::Draw->value)->update(['state' => 'open']);
        $this->post(
            "/operations/{$agree->id}/reopen", ['version' => 2, 'because' => 'wrong build'],
        )->assertSessionHasNoErrors();
        $this->assertSame(OperationState::Started, $agree->refresh()->state);
    }

    public function test_hours_that_were_a_mistake_are_struck_out_and_stay_readable(): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager)->post(
            "/operations/{$agree->id}/hours", ['hours' => '3', 'worked_on' => '2026-03-17'],
        );
        $entry = TimeEntry::query()->sole();
        $this->actingAs($this->maker)->post("/hours/{$entry->id}/strike", ['because' => 'no'])->assertForbidden();
        $this->actingAs($this->manager)
            ->post("/hours/{$entry->id}/strike", ['because' => 'other build'])
            ->assertSessionHasNoErrors();
        $this->post("/hours/{$entry->id}/strike", ['because' => 'again'])->assertSessionHasErrors('conflict');
        $this->assertSame('other build', $entry->refresh()->struck_because);
        $this->assertSame(180, $entry->minutes);
    }

    public function test_the_last_operation_finishes_the_build(): void
    {
        $build = $this->build();
        Operation::query()->where('key', '!=', AssemblyOperation::Pack->value)->update(['state' => 'done']);
        $this->actingAs($this->manager)
            ->post(
                '/operations/'.$this->operation($build, AssemblyOperation::Pack->value)->id.'/finish',
                ['version' => 1],
            )
            ->assertSessionHasNoErrors();
        $this->assertSame('finished', $build->refresh()->status->value);
        $this->assertSame(0, PlanEntry::query()->count());
        $this->post(
            '/operations/'.$this->operation($build, PreparationOperation::Agree->value)->id.'/clock',
        )->assertSessionHasErrors('clock');
    }

    public function test_a_decision_holds_an_operation_until_it_is_made(): void
    {
        $build = $this->build();
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $url = "/operations/{$agree->id}/wait";
        $this->actingAs($this->maker)
            ->post($url, ['version' => 1, 'what' => 'x', 'until' => '2026-03-25'])
            ->assertForbidden();
        $this->actingAs($this->manager)
            ->post($url, ['version' => 1, 'what' => '', 'until' => '2026-03-25'])
            ->assertSessionHasErrors('what');
        $this->post(
            $url, ['version' => 1, 'what' => 'the covers', 'until' => '2026-03-01'],
        )->assertSessionHasErrors('until');
        $this->post(
            $url, ['version' => 1, 'what' => 'the covers', 'until' => '2026-03-25'],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            '2026-03-26 08:00',
            PlanEntry::query()->find($agree->id)?->start?->setTimezone('Europe/Berlin')->format('Y-m-d H:i'),
        );
        $this->post($url, ['version' => 2, 'what' => '', 'until' => null])->assertSessionHasNoErrors();
        $this->assertSame('2026-03-18', PlanEntry::query()->find($agree->id)?->start?->format('Y-m-d'));
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
