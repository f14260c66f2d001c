<?php

declare(strict_types=1);

namespace Tests\Feature\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\PreparationOperation;

/** What the tests of this subject share. */
trait ChangedPlans
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build = $this->build();
        DB::table('people')->where('id', $this->maker->id)->update(
            ['skills' => json_encode(['bodies', 'necks', 'frets', 'joints'])],
        );
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $this->build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::MeasureParts->value, PreparationOperation::SelectTimber->value,
        );
        app(Planner::class)->replan('ready to cut');
        $this->actingAs($this->manager);
    }

    /** @param  array<string, mixed>  $body */
    private function make(array $body): void
    {
        $this->post('/plan/changes', ['changes' => [$body]])->assertSessionHasNoErrors();
    }

    private function entry(Operation $operation): PlanEntry
    {
        return PlanEntry::query()->findOrFail($operation->id);
    }

    private function plan(): string
    {
        return PlanEntry::query()->orderBy('operation_id')->get()->toJson();
    }

    /** Everything that a change could touch, but for versions and numbers that only count. */
    private function everything(): string
    {
        $rows = [$this->plan()];
        foreach ([
            'days_off' => '*', 'overtimes' => '*', 'outages' => '*', 'pins' => '*',
            'kit_lines' => ['id', 'state', 'expected_on'],
            'builds' => ['number', 'promised_on', 'promise_kind', 'held_until', 'push_days', 'methods'],
            'people' => ['id', 'skills'], 'resources' => ['key', 'capacity'], 'operations' => ['id', 'key', 'state'],
            'plan_troubles' => ['words'], 'scenarios' => '*',
        ] as $table => $columns) {
            $rows[] = DB::table($table)->select($columns)->orderBy(1)->get()->toJson();
        }

        return str_replace('"{}"', '"[]"', implode("\n", $rows));
    }
}
