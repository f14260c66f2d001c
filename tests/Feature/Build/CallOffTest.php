<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

final class CallOffTest extends TestCase
{
    public function test_a_build_that_is_called_off_leaves_the_plan_and_stays_readable(): void
    {
        $this->openShop();
        $this->build();
        $other = $this->build();
        $url = '/builds/1/call-off';
        $this->actingAs($this->maker)->post($url, ['version' => 1, 'call_off_because' => 'x'])->assertForbidden();
        $this->actingAs($this->manager)
            ->post($url, ['version' => 1, 'call_off_because' => ''])
            ->assertSessionHasErrors('call_off_because');
        $this->post($url, ['version' => 1, 'call_off_because' => 'the client moved away'])->assertSessionHasNoErrors();

        $this->assertSame([$other->id], PlanEntry::query()->distinct()->pluck('build_id')->all());
        $this->assertStringContainsString(
            'the client moved away', $this->get('/builds/1')->inertiaProps('logbook.0.text'),
        );
        $this->assertTrue($this->get('/builds/1')->inertiaProps('build.calledOff'));
        $this->assertTrue($this->get('/builds')->inertiaProps('finished.0.calledOff'));
        $this->post($url, ['version' => 1, 'call_off_because' => 'again'])->assertSessionHasErrors('conflict');
        $this->post($url, ['version' => 2, 'call_off_because' => 'again'])->assertSessionHasErrors('call_off_because');
    }

    public function test_a_clock_that_runs_on_it_is_stopped_first(): void
    {
        $this->openShop();
        $build = $this->build();
        $this->actingAs($this->manager)->post(
            "/operations/{$this->operation($build, PreparationOperation::Agree->value)->id}/clock",
        );
        $this->post(
            '/builds/1/call-off', ['version' => 1, 'call_off_because' => 'no'],
        )->assertSessionHasErrors('call_off_because');
        $this->assertSame('open', $build->refresh()->status->value);
        $this->at('2026-03-18 09:30');
        $this->post('/clocks/'.TimeEntry::query()->sole()->id.'/stop');
        $this->post('/builds/1/call-off', ['version' => 1, 'call_off_because' => 'no'])->assertSessionHasNoErrors();
    }
}
