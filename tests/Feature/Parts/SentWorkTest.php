<?php

declare(strict_types=1);

namespace Tests\Feature\Parts;

use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Parts\SentWork;
use App\Models\Parts\Supplier;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\OperationState;
use Tests\TestCase;

/** Work that is done elsewhere: agreed on, sent, late, back, not right, back again. */
final class SentWorkTest extends TestCase
{
    use KeepsParts;

    private function ready(): Supplier
    {
        $this->finished(
            $this->build, PreparationOperation::Agree->value, PreparationOperation::Draw->value, PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::MeasureParts->value, PreparationOperation::SelectTimber->value,
        );
        KitLine::query()->where('build_id', $this->build->id)->update(['state' => 'arrived']);
        app(Planner::class)->replan('ready to cut');

        return $this->supplier(['name' => 'the joinery']);
    }

    /** @param  array<string, mixed>  $said */
    private function agree(Supplier $by, array $said = []): TestResponse
    {
        return $this->actingAs($this->manager)->post('/stores/away/work', [
            'build' => $this->build->number, 'version' => $this->build->refresh()->route_version, 'operation' => BodyOperation::Joint->value, 'supplier' => $by->id, 'what' => 'body glued up', 'lead_days' => '9',
            'cost' => '64', ...$said,
        ]);
    }

    private function finish(): string
    {
        return (string) $this->get("/builds/{$this->build->number}")->inertiaProps('build.finish');
    }

    public function test_a_piece_is_away_for_as_long_as_it_was_agreed_and_its_cost_is_in_the_kit(): void
    {
        $joinery = $this->ready();
        $before = $this->finish();
        $this->agree($this->supplier(['name' => 'nobody', 'email' => '']))->assertSessionHasErrors('supplier');
        $this->agree($joinery, ['operation' => 'no.such'])->assertSessionHasErrors('operation');
        $this->agree($joinery, ['lead_days' => '0'])->assertSessionHasErrors('lead_days');
        $this->agree($joinery, ['cost' => '64 USD'])->assertSessionHasErrors('cost');
        $this->agree($joinery, ['version' => 99])->assertSessionHasErrors('conflict');
        $this->agree($joinery, ['also' => [BodyOperation::Joint->value]])->assertSessionHasErrors('also.0');
        $this->assertSame([0, 0], [SentWork::query()->count(), KitLine::query()->where('unit', 'job')->count()]);
        $this->agree($joinery)->assertSessionHasNoErrors();
        $work = SentWork::query()->sole();
        $this->assertGreaterThan($before, $this->finish(), 'the plan has it away for nine days');
        $joint = $this->operation($this->build, BodyOperation::Joint->value);
        $this->assertSame([20, 9 * 1_440, null], [$joint->labour_minutes, $joint->hold_minutes, $joint->station]);
        $line = KitLine::query()->where('unit', 'job')->sole();
        $this->assertSame(['body glued up, by the joinery', 6_400, false], [$line->name, $line->cost_minor, $line->surplus]);
        $this->post("/operations/{$joint->id}/finish", ['version' => $joint->version])->assertSessionHasErrors(['finish' => "“{$joint->name}” is done elsewhere: say under Stores that it is sent."]);
        $this->agree($joinery)->assertSessionHasErrors();
        $this->post("/stores/away/{$work->id}/back", ['version' => 1, 'checked' => 'flat'])->assertSessionHasErrors('checked');

        $this->actingAs($this->maker)->post("/stores/away/{$work->id}/dispatch", ['version' => 1])->assertSessionHasNoErrors();
        $this->post("/stores/away/{$work->id}/dispatch", ['version' => 1])->assertSessionHasErrors('conflict');
        $this->post("/stores/away/{$work->id}/dispatch", ['version' => 2])->assertSessionHasErrors('conflict');
        $this->assertSame(['2026-03-18', '2026-03-27', 2], [$work->refresh()->dispatched_on, $work->expected_on, $work->version]);
        $this->assertSame('1 piece is away', $this->get('/stores/away')->inertiaProps('headline'));
        $this->post("/operations/{$joint->id}/end-hold", ['version' => $joint->refresh()->version, 'because' => 'dry'])->assertSessionHasErrors('hold');
    }

    /** Not back on its day it is not over by itself, and expected by what such work takes. */
    public function test_what_is_late_is_not_over_until_somebody_has_it_back(): void
    {
        $joinery = $this->ready();
        $this->agree($joinery)->assertSessionHasNoErrors();
        $work = SentWork::query()->sole();
        $this->post("/stores/away/{$work->id}/dispatch", ['version' => 1])->assertSessionHasNoErrors();
        $this->at('2026-03-30 09:00');
        $this->post('/plan/look');
        $line = $this->get('/stores/away')->inertiaProps('works.0');
        $this->assertTrue($line['overdue']);
        $this->assertGreaterThan('2026-03-30', $line['likelyOn']);
        $next = Operation::query()->whereIn('id', DB::table('operation_links')->where('before_id', $work->operation_id)->pluck('after_id'))->orderBy('position')->firstOrFail();
        $this->post("/operations/{$next->id}/clock", ['version' => $next->version])->assertSessionHasErrors('clock');
        $this->put("/stores/away/{$work->id}/expected", ['version' => 2, 'expected_on' => '2026-03-29'])->assertSessionHasErrors('expected_on');
        $this->put("/stores/away/{$work->id}/expected", ['version' => 2, 'expected_on' => '2026-04-02'])->assertSessionHasNoErrors();
        $this->post("/stores/away/{$work->id}/back", ['version' => 3, 'checked' => ''])->assertSessionHasErrors('checked');
        $this->post("/stores/away/{$work->id}/back", ['version' => 3, 'checked' => 'joint open at one end', 'again_by' => '2026-04-08'])->assertSessionHasNoErrors();
        $this->assertSame([OperationState::Holding, '2026-04-08'], [$this->operation($this->build, BodyOperation::Joint->value)->state, $work->refresh()->expected_on]);
        $this->at('2026-04-08 10:00');
        $this->post("/stores/away/{$work->id}/back", ['version' => 4, 'checked' => 'flat, no gap', 'cost' => '70'])->assertSessionHasNoErrors();
        $joint = $this->operation($this->build, BodyOperation::Joint->value);
        $this->assertSame([OperationState::Done, false], [$joint->state, $joint->is_away]);
        $this->assertSame([7_000, '2026-04-08'], [KitLine::query()->where('unit', 'job')->sole()->cost_minor, $work->refresh()->returned_on]);
        $this->assertStringContainsString('the joinery takes', mb_strtolower((string) collect($this->get('/stores/suppliers')->inertiaProps('suppliers'))->firstWhere('name', 'the joinery')['learned']), 'how long it took is learned');
        $this->post("/stores/away/{$work->id}/back", ['version' => 5, 'checked' => 'again'])->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('body glued up of No. ', $this->get('/stores/away')->inertiaProps('before.0'));
    }

    public function test_it_is_done_here_after_all_as_long_as_it_has_not_gone(): void
    {
        $joinery = $this->ready();
        $before = $this->operation($this->build, BodyOperation::Joint->value)->only(['labour_minutes', 'hold_minutes', 'station', 'way']);
        $this->agree($joinery)->assertSessionHasNoErrors();
        $work = SentWork::query()->sole();
        $this->actingAs($this->maker)->post("/stores/away/{$work->id}/call-off", ['version' => 1])->assertForbidden();
        $this->actingAs($this->manager)->post("/stores/away/{$work->id}/call-off", ['version' => 1])->assertSessionHasNoErrors();
        $this->assertSame($before, $this->operation($this->build, BodyOperation::Joint->value)->only(['labour_minutes', 'hold_minutes', 'station', 'way']));
        $this->assertTrue(KitLine::query()->where('unit', 'job')->sole()->surplus, 'it costs nothing');
        $this->post("/stores/away/{$work->id}/dispatch", ['version' => 2])->assertSessionHasErrors('conflict');
    }

    /** A finish sprayed elsewhere takes all its coats along. */
    public function test_what_is_done_along_with_it_is_not_done_here(): void
    {
        $joinery = $this->ready();
        $choices = collect($this->get("/stores/away?build={$this->build->number}")->inertiaProps('operations'));
        $coats = $choices->filter(static fn (array $one): bool => str_starts_with($one['key'], 'finish.') || str_contains($one['name'], 'coat'))->pluck('key')->values();
        $this->assertGreaterThan(2, $coats->count());
        $this->agree($joinery, ['operation' => $coats[0], 'also' => $coats->slice(1)->values()->all(), 'what' => 'oiled elsewhere'])->assertSessionHasNoErrors();
        $left = Operation::query()->where('build_id', $this->build->id)->pluck('key');
        $this->assertContains($coats[0], $left->all());
        $this->assertNotContains($coats[1], $left->all());
        $this->post('/stores/away/'.SentWork::query()->sole()->id.'/call-off', ['version' => 1])->assertSessionHasNoErrors();
        $this->assertContains($coats[1], Operation::query()->where('build_id', $this->build->id)->pluck('key')->all());
    }
}
