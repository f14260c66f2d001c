<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\OperationState;
use Tests\TestCase;

final class DoneTest extends TestCase
{
    use BenchWork;

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
        $timber = $this->gateClosed($this->operation($build, PreparationOperation::SelectTimber->value));
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
            '/operations/'.$this->gateClosed($this->operation($build, PreparationOperation::SelectTimber->value))->id.'/finish',
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
}
