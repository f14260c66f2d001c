<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\House\Chore;
use App\Models\People\DayOff;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The shop's own recurring work stands in somebody's day, and the plan goes around it. */
final class ChoresTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
    }

    /** @param  array<string, mixed>  $said */
    private function add(array $said = []): TestResponse
    {
        return $this->actingAs($this->manager)->post('/chores/new', ['name' => 'empty the dust filter', 'person' => $this->maker->id, 'every_days' => '7', 'takes' => '0:30', 'due_on' => '2026-03-19', ...$said]);
    }

    public function test_a_chore_is_planned_done_and_comes_again(): void
    {
        $this->add()->assertSessionHasNoErrors();
        $day = DayOff::query()->sole();
        $this->assertSame(['2026-03-19', 'upkeep', 30, 'empty the dust filter'], [$day->date, $day->kind->value, $day->to_minute - $day->from_minute, $day->note]);
        $this->add(['name' => 'check the calipers'])->assertSessionHasNoErrors();
        $second = DayOff::query()->latest('id')->firstOrFail();
        $this->assertSame([$day->to_minute, '2026-03-19'], [$second->from_minute, $second->date], 'one after the other');
        $this->at('2026-03-19 16:00');
        $chore = Chore::query()->orderBy('id')->firstOrFail();
        $this->actingAs($this->maker)->post("/chores/{$chore->id}/done", ['version' => 1])->assertSessionHasNoErrors();
        $this->assertSame(['2026-03-26', '2026-03-19', '2026-03-26'], [$chore->refresh()->due_on, $chore->done_on, $chore->planned?->date]);
        $this->post("/chores/{$chore->id}/done", ['version' => 1])->assertSessionHasErrors('conflict');
        $this->post("/chores/{$chore->id}/end", ['version' => 2])->assertForbidden();
        $this->actingAs($this->manager)->post("/chores/{$chore->id}/end", ['version' => 2])->assertSessionHasNoErrors();
        $this->post("/chores/{$chore->id}/done", ['version' => 3])->assertSessionHasErrors('conflict');
        $this->assertSame(['check the calipers'], array_column($this->get('/chores')->inertiaProps('chores'), 'name'));
    }

    public function test_work_on_builds_is_planned_around_it(): void
    {
        $this->build();
        $this->add(['person' => $this->manager->id, 'takes' => '2:00', 'due_on' => '2026-03-18'])->assertSessionHasNoErrors();
        $taken = DayOff::query()->sole();
        $this->assertSame(['2026-03-18', 555, 675], [$taken->date, $taken->from_minute, $taken->to_minute], 'from the next five minutes on');
        $this->assertSame('2026-03-18T10:15:00Z', $this->get('/builds/1')->inertiaProps('operations.0.start'));
    }

    public function test_what_is_not_done_is_planned_for_the_next_day(): void
    {
        $this->add()->assertSessionHasNoErrors();
        $this->artisan('regimen:chores')->expectsOutput('Nothing was left.');
        $this->at('2026-03-21 00:20');
        $this->artisan('regimen:chores')->expectsOutput('1 chore planned again.');
        $chore = Chore::query()->sole();
        $this->assertSame(['2026-03-19', '2026-03-23', 2], [$chore->due_on, $chore->planned?->date, DayOff::query()->count()], 'Saturday is free; the day on which it was not done stays as it was');
        $this->assertTrue($this->actingAs($this->maker)->get('/chores')->inertiaProps('chores.0.overdue'));
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach (['name' => '', 'person' => '99', 'every_days' => '0', 'takes' => '9 h', 'due_on' => '2026-03-01'] as $field => $typed) {
            $this->add([$field => $typed])->assertSessionHasErrors($field);
        }
        $this->actingAs($this->maker)->post('/chores/new', [])->assertForbidden();
        $this->assertSame(0, Chore::query()->count());
    }
}
