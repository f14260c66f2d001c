<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Jobs\LookForBetterPlan;
use App\Support\OneWorker;
use Illuminate\Support\Facades\DB;
use PDO;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What a worker had begun is not lost with it. */
final class WorkerTest extends TestCase
{
    use ShopWithEverything;

    private function worker(string ...$options): Process
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', 'queue:work', '--tries=3', '--sleep=0', ...$options], base_path(),
            ['DB_DATABASE' => $this->template(), 'REGIMEN_NOW' => '2026-03-18T09:12:00+01:00', 'QUEUE_CONNECTION' => 'database', 'APP_ENV' => 'production'], null, 60,
        );
        $process->start();

        return $process;
    }

    private function jobs(string $where): int
    {
        return (int) (new PDO("sqlite:{$this->template()}"))->query("select count(*) from {$where}")->fetchColumn();
    }

    public function test_the_next_worker_takes_up_what_a_killed_one_had_begun(): void
    {
        config(['queue.default' => 'database']);
        LookForBetterPlan::dispatch();
        self::assertSame(1, $this->jobs('jobs'));
        DB::purge('sqlite');
        $first = $this->worker();
        while ($first->isRunning() && $this->jobs('jobs where reserved_at is null') === 1) {
            usleep(1_000);
        }
        $first->signal(SIGKILL);
        $first->wait();
        $second = $this->worker('--stop-when-empty');
        $second->wait();
        self::assertSame([0, 0], [$this->jobs('jobs'), $this->jobs('failed_jobs')], $second->getOutput());
    }

    public function test_a_worker_leaves_alone_what_another_that_lives_has_begun(): void
    {
        config(['queue.default' => 'database']);
        LookForBetterPlan::dispatch();
        DB::table('jobs')->update(['reserved_at' => time(), 'attempts' => 1]);
        DB::purge('sqlite');
        $other = fopen("{$this->template()}-worker", 'c');
        self::assertIsResource($other);
        self::assertFalse(OneWorker::lives());
        flock($other, LOCK_EX);
        self::assertTrue(OneWorker::lives());
        $this->worker('--stop-when-empty')->wait();
        self::assertSame(1, $this->jobs('jobs where reserved_at is not null'));
        fclose($other);
        $this->worker('--stop-when-empty')->wait();
        self::assertSame(0, $this->jobs('jobs'));
    }
}
