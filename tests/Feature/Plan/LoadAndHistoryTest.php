<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use Tests\TestCase;

/** The calendar of the shop, week sheets, holiday calendars that are read, and calendars that others subscribe to. */
final class LoadAndHistoryTest extends TestCase
{
    use ReadCalendars;

    public function test_load_is_told_by_week_and_what_is_overbooked_is_named(): void
    {
        $page = $this->get('/plan/load')->assertOk()->inertiaProps();
        $this->assertCount(12, $page['weeks']);
        $this->assertSame(2_550, collect($page['rows'])->firstWhere('name', 'Ines')['weeks'][1]['there']);
        $this->assertSame('The promises need no more than there is', $page['heading']);
        foreach (range(1, 3) as $one) {
            $this->build([], '2026-04-01');
        }
        $page = $this->get('/plan/load')->inertiaProps();
        $ines = collect($page['rows'])->firstWhere('name', 'Ines');
        $this->assertStringContainsString('the promises need', $ines['overbooked'][0]);
        $this->assertGreaterThan($ines['weeks'][0]['there'], $ines['weeks'][0]['needed']);
        $this->assertStringContainsString('overbooked', $page['heading']);
        $this->actingAs($this->maker)->get('/plan/load')->assertForbidden();
    }

    public function test_the_history_tells_how_often_a_finish_has_slipped_by_how_much_and_because_of_what(): void
    {
        $this->assertSame(
            'No finish has slipped so far', $this->get('/plan/history')->assertOk()->inertiaProps('heading'),
        );
        $this->post(
            '/plan/changes',
            [
                'changes' => [
                    ['kind' => 'hold', 'build' => 1, 'until' => '2026-04-01', 'because' => 'the client moves house'],
                ],
            ],
        );
        $this->at('2026-03-19 10:00');
        $this->post(
            '/plan/changes',
            ['changes' => [['kind' => 'hold', 'build' => 1, 'until' => '2026-04-08', 'because' => 'still moving']]],
        );
        $page = $this->get('/plan/history')->inertiaProps();
        $build = $page['builds'][0];
        $this->assertSame(['One finish has slipped', 2], [$page['heading'], $build['slips']]);
        $this->assertStringContainsString(
            "has slipped twice, later by {$build['days']} working days in all", $build['words'],
        );
        $this->assertStringContainsString('still moving', $build['moves'][0]['cause']);
        $this->assertSame($build['days'], $build['moves'][0]['days'] + $build['moves'][1]['days']);
        $this->assertSame('2026-03-19T09:00:00Z', $build['moves'][0]['at']);
    }
}
