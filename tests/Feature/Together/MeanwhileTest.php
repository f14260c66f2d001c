<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Models\Build\Build;
use App\Models\People\Role;
use App\Models\Plan\Pin;
use App\Models\Plan\PlanChange;
use Illuminate\Testing\TestResponse;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** Two people with the same page before them: the second is told what the first has done to the same thing, and only that. */
final class MeanwhileTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->build = $this->build();
        $this->build([], '2026-08-31');
        $this->maker->update(['role' => Role::Manager]);
    }

    /** @param  array<string, mixed>  $change */
    private function change(array $change, int $seen): TestResponse
    {
        return $this->post('/plan/changes', ['changes' => [$change], 'seen' => $seen]);
    }

    public function test_the_second_to_pin_push_or_hold_the_same_is_told_who_was_first(): void
    {
        $neck = $this->operation($this->build, NeckOperation::Square->value);
        $body = $this->operation($this->build, BodyOperation::Thickness->value);
        $seen = (int) $this->get('/horizon')->inertiaProps('lastChange');
        $pin = ['kind' => 'pin', 'operation' => $neck->id, 'person' => $this->maker->id, 'day' => '2026-03-26'];
        foreach ([
            [$pin, ['kind' => 'pin', 'operation' => $neck->id, 'person' => $this->manager->id], ['kind' => 'pin', 'operation' => $body->id, 'day' => '2026-04-01']],
            [['kind' => 'push', 'build' => 1, 'days' => 2], ['kind' => 'push', 'build' => 1, 'days' => 4], ['kind' => 'push', 'build' => 2, 'days' => 4]],
            [
                ['kind' => 'hold', 'build' => 1, 'until' => '2026-04-20', 'because' => 'abroad'], ['kind' => 'hold', 'build' => 1, 'until' => null],
                ['kind' => 'hold', 'build' => 2, 'until' => '2026-04-20', 'because' => 'abroad'],
            ],
        ] as [$first, $same, $other]) {
            $this->actingAs($this->maker->refresh());
            $this->change($first, $seen)->assertSessionHasNoErrors();
            $words = PlanChange::query()->latest('id')->firstOrFail()->words;
            $this->actingAs($this->manager->refresh());
            $this->change($same, $seen)->assertSessionHasErrors('conflict');
            $this->assertStringContainsString("Tobias was there first: {$words}", session('errors')->first('conflict'));
            $this->change($other, $seen)->assertSessionHasNoErrors();
            $this->change($same, (int) PlanChange::query()->max('id'))->assertSessionHasNoErrors();
        }
        $this->assertSame([$this->manager->id, null], [Pin::query()->findOrFail($neck->id)->person_id, Pin::query()->findOrFail($neck->id)->day]);
    }

    public function test_what_was_undone_since_does_not_count(): void
    {
        $push = ['kind' => 'push', 'build' => 1, 'days' => 2];
        $this->change($push, 0)->assertSessionHasNoErrors();
        $this->post('/plan/changes/1/undo')->assertSessionHasNoErrors();
        $this->change($push, 0)->assertSessionHasNoErrors();
    }

    public function test_a_clock_and_hours_are_for_the_operation_as_it_was_shown(): void
    {
        $agree = $this->operation($this->build, PreparationOperation::Agree->value);
        $seen = $agree->version;
        $this->post("/operations/{$agree->id}/clock", ['version' => $seen])->assertSessionHasNoErrors();
        $this->actingAs($this->maker->refresh());
        $this->post("/operations/{$agree->id}/clock", ['version' => $seen])->assertSessionHasErrors('conflict');
        $hours = ['hours' => '1', 'worked_on' => '2026-03-18', 'sure' => true];
        $this->post("/operations/{$agree->id}/hours", [...$hours, 'version' => $seen])->assertSessionHasErrors('conflict');
        $this->post("/operations/{$agree->id}/hours", [...$hours, 'version' => $agree->refresh()->version])->assertSessionHasNoErrors();
        $this->post("/operations/{$agree->id}/clock", ['version' => 'x'])->assertSessionHasErrors('version');
    }
}
