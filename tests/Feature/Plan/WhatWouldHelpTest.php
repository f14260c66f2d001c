<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Plan\PlanEntry;
use App\Queries\Plan\HelpPage;
use Illuminate\Support\Facades\DB;
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
        $ranked = app(HelpPage::class)->ranked();
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
        $ranked = app(HelpPage::class)->ranked();
        $this->assertSame('earlier', $ranked[0]->kind);
        $this->assertStringStartsWith('A week earlier: ', $ranked[0]->words);
        $this->assertSame([1, true], [$ranked[0]->gains[0]->number, $ranked[0]->gains[0]->late]);
    }

    public function test_an_empty_shop_wants_nothing(): void
    {
        $this->assertSame([], app(HelpPage::class)->ranked());
        $this->get('/plan/help')->assertOk();
        $this->actingAs($this->maker)->get('/plan/help')->assertForbidden();
    }
}
