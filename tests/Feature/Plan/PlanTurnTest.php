<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Actions\Plan\Changes\Kinds\PushBuild;
use App\Actions\Plan\MakeChange;
use App\Models\Plan\Plan;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanRequest;
use App\Planning\Plan\PlanTurn;
use App\Planning\Plan\ShopDatabase;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PDO;
use Tests\TestCase;

/** A shop in a file, with somebody else at another connection who waits for nobody. */
final class PlanTurnTest extends TestCase
{
    private string $folder;

    private PDO $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/regimen-turn-'.bin2hex(random_bytes(6));
        mkdir($this->folder, 0700, true);
        touch("{$this->folder}/shop.sqlite");
        config(['database.connections.sqlite.database' => "{$this->folder}/shop.sqlite"]);
        DB::purge('sqlite');
        $this->artisan('migrate');
        $this->openShop();
        $this->build();
        $this->other = new PDO("sqlite:{$this->folder}/shop.sqlite", options: [PDO::ATTR_TIMEOUT => 0]);
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_others_write_while_a_plan_is_made_and_the_next_holds_what_they_asked_for(): void
    {
        $written = $this->whilePlanning(function (): void {
            $this->other->exec("INSERT INTO plan_requests (at, cause, moves) VALUES ('2026-03-18', 'from beside', 1)");
        });
        app(MakeChange::class)->make($this->manager, [new PushBuild(1, 2)]);
        $this->assertSame(1, $written(), 'nothing was locked while the plan was made');
        $this->assertSame(['from beside'], PlanRequest::query()->whereNull('plan_id')->pluck('cause')->all(), 'nobody waits for what others ask for');
        $this->assertSame(2, Plan::query()->count());
        app(PlanTurn::class)->keepFresh();
        $this->assertSame(0, PlanRequest::query()->whereNull('plan_id')->count());
        $this->assertSame('from beside', Plan::query()->latest('id')->value('cause'));
    }

    public function test_what_is_taken_off_a_route_while_it_is_planned_is_planned_without(): void
    {
        $last = (int) DB::table('operations')->max('id');
        $written = $this->whilePlanning(function () use ($last): void {
            $this->other->exec("DELETE FROM plan_entries; DELETE FROM operation_links WHERE {$last} IN (before_id, after_id); DELETE FROM operations WHERE id = {$last}");
        });
        app(MakeChange::class)->make($this->manager, [new PushBuild(1, 2)]);
        $this->assertSame([1, 0], [$written(), DB::table('operations')->where('id', $last)->count()]);
        $this->assertSame(0, PlanRequest::query()->whereNull('plan_id')->count());
        $this->assertSame(DB::table('operations')->count(), PlanEntry::query()->count());
    }

    public function test_what_only_looks_waits_for_nobody_who_writes_and_leaves_nothing(): void
    {
        $this->other->exec('BEGIN IMMEDIATE');
        DB::statement('PRAGMA busy_timeout = 0');
        $this->actingAs($this->manager);
        $promise = ['kind' => 'promise', 'build' => 1, 'promised_on' => '2026-09-01', 'promise_kind' => 'promised'];
        $this->postJson('/plan/judge', ['changes' => [$promise]])->assertOk();
        $this->get('/plan/load')->assertOk();
        $this->get('/builds/1/revisions')->assertOk();
        $this->get('/builds/1/route')->assertOk();
        $this->get('/builds/1/route/compare?joint=through')->assertOk();
        $this->other->exec('ROLLBACK');
        $this->assertSame('2026-07-31', DB::table('builds')->value('promised_on'));
    }

    public function test_a_copy_is_written_to_and_gone_and_reading_steadily_sees_one_moment(): void
    {
        $database = app(ShopDatabase::class);
        $database->aside(function (): void {
            PlanEntry::query()->delete();
            $this->assertSame(0, PlanEntry::query()->count());
        });
        $this->assertGreaterThan(0, PlanEntry::query()->count());
        $database->steady(function (): void {
            $before = Plan::query()->count();
            $this->other->exec("INSERT INTO plans (made_at, cause) VALUES ('2026-03-18', 'from beside')");
            $this->assertSame($before, Plan::query()->count());
        });
        $this->assertSame(2, Plan::query()->count());
    }

    /**
     * Does something whenever planning reads the links.
     *
     * @return \Closure(): int how often
     */
    private function whilePlanning(callable $work, int $most = 1): \Closure
    {
        $times = 0;
        DB::listen(static function (QueryExecuted $query) use ($work, $most, &$times): void {
            if ($times < $most && str_contains($query->sql, 'from "pins"')) {
                $times++;
                $work();
            }
        });

        return static function () use (&$times): int {
            return $times;
        };
    }
}
