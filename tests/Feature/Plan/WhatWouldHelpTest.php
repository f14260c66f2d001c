<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Jobs\FindWhatHelps;
use App\Models\Plan\HelpState;
use App\Models\Plan\Plan;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanHelp;
use App\Queries\Plan\HelpLines;
use Illuminate\Bus\UniqueLock;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** What would help, tried by planning again: the scarce thing comes first, what is plenty does not come at all. */
final class WhatWouldHelpTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_hands_help_where_one_person_does_nearly_everything(): void
    {
        foreach (['2026-04-20', '2026-04-22', '2026-04-24'] as $promise) {
            $this->build([], $promise);
        }
        $before = PlanEntry::query()->orderBy('operation_id')->get()->toJson();
        $ranked = app(HelpLines::class)->ranked();
        $this->assertNotEmpty($ranked);
        $this->assertContains($ranked[0]->kind, ['skill', 'overtime'], 'the manager has seven skills for herself');
        $kinds = array_unique(array_column($ranked, 'kind'));
        $this->assertNotContains('station', array_slice($kinds, 0, 1));
        foreach ($ranked as $one) {
            $this->assertNotEmpty($one->gains);
            foreach ($one->gains as $gain) {
                $this->assertLessThan($gain->before, $gain->after);
            }
        }
        $this->assertSame(
            $before, PlanEntry::query()->orderBy('operation_id')->get()->toJson(), 'trying changes nothing',
        );
        $this->post('/plan/help');
        $this->get('/plan/help')
            ->assertOk()
            ->assertInertia(fn ($page) => $page->component('plan/Help')->where('ranked.0.words', $ranked[0]->words));
    }

    public function test_a_late_part_that_everything_waits_for_is_named(): void
    {
        $build = $this->build([], '2026-04-10');
        DB::table('kit_lines')->update(['state' => 'arrived']);
        DB::table('kit_lines')
            ->where('group', 'bridge')
            ->limit(1)
            ->update(['state' => 'ordered', 'expected_on' => '2026-05-20', 'ordered_on' => '2026-03-18']);
        $this->finished(
            $build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::SelectTimber->value,
        );
        app(\App\Planning\Plan\Planner::class)->replan('a part is late');
        $ranked = app(HelpLines::class)->ranked();
        $this->assertSame('earlier', $ranked[0]->kind);
        $this->assertStringStartsWith('A week earlier: ', $ranked[0]->words);
        $this->assertSame([1, true], [$ranked[0]->gains[0]->number, $ranked[0]->gains[0]->late]);
    }

    public function test_an_empty_shop_wants_nothing(): void
    {
        $this->assertSame([], app(HelpLines::class)->ranked());
        $this->get('/plan/help')->assertOk();
        $this->actingAs($this->maker)->get('/plan/help')->assertForbidden();
    }

    public function test_it_is_tried_in_the_queue_kept_with_its_plan_and_its_page_answers_at_once(): void
    {
        Queue::fake();
        foreach (['2026-04-20', '2026-04-22', '2026-04-24'] as $promise) {
            $this->build([], $promise);
        }
        $this->get('/plan/help')->assertInertia(fn ($page) => $page->where('state', 'none'));
        Queue::assertNothingPushed();
        $this->post('/plan/help')->assertRedirect();
        $this->get('/plan/help')->assertInertia(fn ($page) => $page->where('state', 'trying')->where('ranked', []));
        $this->post('/plan/help');
        Queue::assertPushed(FindWhatHelps::class, 1);
        app()->call([new FindWhatHelps((int) Plan::query()->max('id')), 'handle']);
        $help = PlanHelp::query()->sole();
        $this->assertSame(HelpState::Done, $help->state);
        $this->assertGreaterThan(20, $help->all);
        $this->get('/plan/help')->assertInertia(
            fn ($page) => $page->where('state', 'done')->where('ranked.0.words', $help->ranked[0]->words),
        );
        $this->build();
        $this->post('/plan/help');
        $this->get('/plan/help')->assertInertia(fn ($page) => $page->where('state', 'trying'));
        Queue::assertPushed(FindWhatHelps::class, 2);
    }

    public function test_it_is_given_up_when_there_is_a_newer_plan_and_can_be_asked_for_again_when_it_failed(): void
    {
        Queue::fake();
        $this->build([], '2026-04-20');
        $this->post('/plan/help');
        $old = (int) Plan::query()->max('id');
        $this->build();
        app()->call([new FindWhatHelps($old), 'handle']);
        $this->assertSame(HelpState::Trying, PlanHelp::query()->sole()->state, 'nothing is kept for an old plan');
        $this->post('/plan/help');
        (new FindWhatHelps((int) Plan::query()->max('id')))->failed();
        $this->get('/plan/help')->assertInertia(fn ($page) => $page->where('state', 'failed'));
        // The queue lets go of a job that has failed.
        (new UniqueLock(Cache::store()))->release(new FindWhatHelps((int) Plan::query()->max('id')));
        $this->post('/plan/help')->assertRedirect();
        $this->get('/plan/help')->assertInertia(fn ($page) => $page->where('state', 'trying'));
        Queue::assertPushed(FindWhatHelps::class, 3);
        $this->actingAs($this->maker)->post('/plan/help')->assertForbidden();
    }
}
