<?php

declare(strict_types=1);

namespace Tests\Feature\Serving;

use App\Jobs\FindWhatHelps;
use App\Models\Plan\Plan;
use App\Models\Plan\PlanHelp;
use App\Queries\House\RunningParts;
use App\Support\LastSeen;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Redis;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use Tests\Feature\Console\BuildSeeder;
use Tests\Feature\Console\ShopSeeder;
use Tests\TestCase;

/** A shop whose queue, cache and sessions are in Redis, as docs/running.md tells for those that outgrow one process. */
final class RedisTest extends TestCase
{
    private string $folder;

    private ?Process $redis = null;

    protected function setUp(): void
    {
        parent::setUp();
        if ((new ExecutableFinder)->find('redis-server', null, ['/usr/bin']) === null) {
            $this->markTestSkipped('redis-server is not to be had here.');
        }
        $this->folder = sys_get_temp_dir().'/regimen-redis-'.bin2hex(random_bytes(4));
        mkdir($this->folder, 0700);
        $socket = "{$this->folder}/redis.sock";
        $this->redis = new Process(['redis-server', '--port', '0', '--unixsocket', $socket, '--save', '', '--appendonly', 'no', '--dir', $this->folder], null, null, null, null);
        $this->redis->disableOutput()->start();
        for ($try = 0; ! file_exists($socket) && $this->redis->isRunning() && $try < 300; $try++) {
            usleep(50_000);
        }
        touch("{$this->folder}/shop.sqlite");
        config([
            'database.redis.default.scheme' => 'unix', 'database.redis.default.path' => $socket, 'cache.default' => 'redis', 'queue.default' => 'redis',
            'database.connections.sqlite.database' => "{$this->folder}/shop.sqlite",
        ]);
        DB::purge('sqlite');
        $this->artisan('migrate', ['--force' => true]);
        $this->seed([ShopSeeder::class, BuildSeeder::class]);
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        $this->redis?->stop(5);
        isset($this->folder) && (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    public function test_what_is_queued_is_done_by_a_worker_and_counted_until_then(): void
    {
        $plan = (int) Plan::query()->max('id');
        PlanHelp::query()->create(['plan_id' => $plan, 'state' => 'trying']);
        FindWhatHelps::dispatch($plan);
        self::assertSame([1, 0], [Queue::size(), DB::table('jobs')->count()]);
        $queue = static fn (): string => collect(app(RunningParts::class)->lines())->firstWhere('what', 'queue')->words ?? '';
        self::assertStringContainsString('1 job in the queue', $queue());
        $this->artisan('queue:work', ['--once' => true, '--quiet' => true])->assertExitCode(0);
        self::assertSame(0, Queue::size());
        self::assertSame('done', PlanHelp::query()->where('plan_id', $plan)->value('state')?->value);
        self::assertStringContainsString('Nothing waits', $queue());
    }

    public function test_the_cache_and_its_locks_are_there_and_each_shop_has_its_own(): void
    {
        app(LastSeen::class)->note('a device');
        self::assertNotNull(app(LastSeen::class)->at('a device'));
        self::assertTrue(Cache::lock('once', 10)->get());
        self::assertFalse(Cache::lock('once', 10)->get());
        foreach (Redis::connection()->client()->executeRaw(['KEYS', '*']) as $key) {
            self::assertStringStartsWith(config('database.redis.options.prefix'), $key);
        }
    }
}
