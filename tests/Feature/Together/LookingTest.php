<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Models\Plan\Plan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PDO;
use Tests\TestCase;

/** Whoever looks writes nothing; where time has gone on, one of all who look at once has the plan made, and once. */
final class LookingTest extends TestCase
{
    use Processes;
    use ShopWithEverything;

    /** What is filled into addresses that name something. */
    private const NAMED = [
        'build' => '1', 'operation' => '1', 'number' => '1', 'file' => 'specification.json', 'paper' => 'a4', 'scenario' => '1', 'model' => '1',
        'token' => 'aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa',
    ];

    public function test_no_page_writes_anything_into_the_shop(): void
    {
        $this->connect($this->template());
        $this->actingAs($this->manager->refresh());
        $this->get('/today');
        $wrote = [];
        $seen = 0;
        $feed = $this->get('/plan/feeds')->inertiaProps('feeds.0.address');
        $shop = DB::connection()->getPdo();
        DB::connection()->listen(static function ($query) use (&$wrote, $shop): void {
            // What is tried in a copy of the shop is written nowhere.
            if ($query->connection->getPdo() === $shop && preg_match('/^\s*(insert|update|delete|replace|create|alter|drop)\b/i', $query->sql) === 1) {
                $wrote[] = request()->path().": {$query->sql}";
            }
        });
        $pages = [(string) parse_url($feed, PHP_URL_PATH)];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            // Taking everything along is written into the audit log.
            if (in_array('GET', $route->methods(), true) && ! str_contains($route->uri(), 'everything') && $route->uri() !== '{fallbackPlaceholder}') {
                $pages[] = '/'.preg_replace_callback('/\{(\w+)\??\}/', static fn (array $name): string => self::NAMED[$name[1]] ?? '1', $route->uri());
            }
        }
        foreach ($pages as $page) {
            $seen += $this->get($page)->getStatusCode() === 200 ? 1 : 0;
        }
        self::assertSame([], $wrote);
        self::assertGreaterThan(30, $seen);
    }

    public function test_whoever_comes_after_time_has_gone_on_waits_for_one_plan(): void
    {
        $before = Plan::query()->count();
        $this->at('2026-03-23 10:00');
        $file = $this->copy();
        $page = static fn (string $path): array => ['GET', new Whole($path, [])];
        $answers = $this->atOnce($file, [$page('/today'), $page('/horizon'), $page('/builds'), $page('/plan/load')], isHeld: false);
        self::assertSame([200, 200, 200, 200], array_column($answers, 'status'));
        $plans = (new PDO("sqlite:{$file}"))->query('select cause from plans order by id')->fetchAll(PDO::FETCH_COLUMN);
        self::assertSame(['time has gone on'], array_slice($plans, $before));
    }

    public function test_whoever_waits_in_vain_for_another_is_told_and_the_next_try_works(): void
    {
        $this->actingAs($this->manager->refresh());
        DB::statement('PRAGMA busy_timeout = 10');
        $other = new PDO("sqlite:{$this->template()}");
        $other->exec('BEGIN IMMEDIATE');
        $air = ['temperature' => '19', 'humidity' => '44'];
        $this->post('/climate', $air)->assertRedirect()->assertSessionHasErrors('conflict');
        $said = session('errors')->first('conflict');
        self::assertStringContainsString('Nothing of yours was saved', $said);
        $this->postJson('/climate', $air)->assertServiceUnavailable()->assertJsonPath('message', $said);
        $other->exec('ROLLBACK');
        $this->post('/climate', $air)->assertSessionHasNoErrors();
    }
}
