<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Build\RouteChange;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\BodyOperation;
use Tests\TestCase;

/** Every kind of change to a route, from the form to the bench: what it makes of operations, links and plan. */
final class UndoneRouteChangesTest extends TestCase
{
    use ChangedRoute;

    public function test_moved_ahead_and_undone_in_any_order(): void
    {
        $links = DB::table('operation_links')->count();
        $this->change(
            ['kind' => 'move', 'key' => BodyOperation::Edges->value, 'target' => BodyOperation::Outline->value],
            'rounded blank',
        )->assertSessionHasNoErrors();
        $this->change(
            ['kind' => 'times', 'key' => BodyOperation::Edges->value, 'labour' => '2', 'set_up' => '', 'hold' => ''],
        )->assertSessionHasNoErrors();
        $this->assertTrue($this->linked(BodyOperation::Edges->value, BodyOperation::Outline->value));
        [$move, $times] = RouteChange::query()->orderBy('id')->get()->all();
        $this->delete(
            "/builds/1/route/changes/{$move->id}", ['version' => $this->build->refresh()->route_version],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            [$links, 120],
            [
                DB::table('operation_links')->count(),
                $this->operation($this->build, BodyOperation::Edges->value)->labour_minutes,
            ],
        );
        $this->delete(
            "/builds/1/route/changes/{$times->id}", ['version' => $this->build->refresh()->route_version],
        )->assertSessionHasNoErrors();
        $this->assertSame(90, $this->operation($this->build, BodyOperation::Edges->value)->labour_minutes);
        $this->assertSame(2, RouteChange::query()->whereNotNull('undone_at')->count(), 'nothing recorded is lost');
    }

    public function test_a_change_of_another_build_is_not_undone_here(): void
    {
        $this->change(
            ['kind' => 'times', 'key' => BodyOperation::Edges->value, 'labour' => '2', 'set_up' => '', 'hold' => ''],
        );
        $other = $this->build();
        $this->delete(
            '/builds/2/route/changes/'.RouteChange::query()->sole()->id,
            ['version' => $other->refresh()->route_version],
        )->assertSessionHasErrors('conflict');
        $this->assertNull(RouteChange::query()->sole()->getAttribute('undone_at'));
    }

    public function test_a_finished_build_keeps_its_route(): void
    {
        DB::table('builds')->update(['status' => 'finished']);
        $this->change(
            ['kind' => 'times', 'key' => BodyOperation::Edges->value, 'labour' => '2', 'set_up' => '', 'hold' => ''],
        )->assertSessionHasErrors('conflict');
        $this->get('/builds/1/route')->assertOk()->assertInertia(fn ($page) => $page->where('editable', false));
        $this->get('/builds/1/route/compare?finish=shellac')
            ->assertOk()
            ->assertInertia(fn ($page) => $page->has('comparison.rows', 7));
    }

    public function test_work_on_ones_own_operation_is_recorded_and_kept_when_it_is_undone(): void
    {
        $this->change(
            [
                'kind' => 'add', 'name' => 'repair a crack', 'stage' => 'body', 'pieces' => ['body'], 'set_up' => '',
                'labour' => '1', 'hold' => '', 'skill' => 'bodies', 'station' => '', 'fixture' => '', 'after' => [],
                'before' => [BodyOperation::Thickness->value],
            ],
        )->assertSessionHasNoErrors();
        $repair = $this->operation($this->build, 'own.1');
        $this->assertTrue($this->linked('own.1', BodyOperation::Thickness->value));
        $this->post(
            "/operations/{$repair->id}/hours", ['hours' => '0:45', 'worked_on' => '2026-03-17', 'sure' => true],
        )->assertSessionHasNoErrors();
        $this->delete(
            '/builds/1/route/changes/'.RouteChange::query()->sole()->id,
            ['version' => $this->build->refresh()->route_version],
        )->assertSessionHasNoErrors();
        $this->assertNotNull(Operation::query()->where('key', 'own.1')->first(), 'hours are never lost');
        $this->assertStringContainsString(
            '“repair a crack” is no longer needed; 45 min were worked on it.',
            LogEntry::query()->latest('id')->firstOrFail()->text,
        );
    }
}
