<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Models\People\Person;
use Closure;
use Illuminate\Support\Facades\DB;
use PDO;
use Throwable;

/** Requests that are answered in processes of their own, at once, over one database file. */
trait Processes
{
    /**
     * Each request in a process of its own. All of them have read whatever they read before their transaction when the first
     * may write: a lock is held until every one of them waits for it.
     *
     * @param  list<array{string, Whole}>  $requests  each with its method
     * @param  bool  $isHeld  whether they are held so; those that wait for a plan of another never come that far
     * @return list<array{status: int, said: string, path: string}>
     */
    private function atOnce(string $file, array $requests, bool $isHeld = true): array
    {
        $children = [];
        foreach ($requests as $at => [$method, $request]) {
            $children[$at] = $this->inProcess($file, "{$file}.{$at}", function () use ($file, $at, $method, $request): array {
                while (! is_file("{$file}.go")) {
                    usleep(200);
                }
                DB::connection()->beforeStartingTransaction(static fn (): bool => touch("{$file}.{$at}.waits"));

                return $this->answered($method, $request);
            });
        }
        $lock = new PDO("sqlite:{$file}");
        $lock->exec('BEGIN IMMEDIATE');
        touch("{$file}.go");
        // Whoever writes nothing never waits, and is answered.
        foreach ($isHeld ? array_keys($children) : [] as $at) {
            while (! is_file("{$file}.{$at}.waits") && ! is_file("{$file}.{$at}")) {
                usleep(500);
            }
        }
        $lock->exec('ROLLBACK');
        unset($lock);

        return array_map(fn (int $child, int $at): array => $this->end($child, "{$file}.{$at}"), $children, array_keys($children));
    }

    /**
     * One after the other, in one process beside this one.
     *
     * @param  list<array{string, Whole}>  $requests  each with its method
     * @param  Closure|null  $before  done in that process, before the first
     * @return list<array{status: int, said: string, path: string}>
     */
    private function inTurn(string $file, array $requests, ?Closure $before = null): array
    {
        $result = "{$this->folder}/".basename($file).'.all';
        $child = $this->inProcess($file, $result, function () use ($requests, $before): array {
            $before === null || $before();

            return array_map(fn (array $one): array => $this->answered(...$one), $requests);
        });

        return $this->end($child, $result);
    }

    /** @return array{status: int, said: string, path: string} */
    private function answered(string $method, Whole $request): array
    {
        app('auth')->forgetGuards();
        session()->flush();
        $person = $request->by === 0 ? null : Person::query()->find($request->by);
        $person === null || $this->actingAs($person);
        $answer = $this->call($method, $request->path, $request->input, [], $request->files, $request->writes ? [] : ['HTTP_ACCEPT' => 'application/json']);

        return [
            'status' => $answer->getStatusCode(),
            'said' => implode(' ', session('errors')?->all() ?? []).($answer->exception === null || $answer->getStatusCode() < 400 ? '' : " {$answer->exception->getMessage()}"),
            'path' => (string) parse_url((string) $answer->headers->get('Location'), PHP_URL_PATH),
        ];
    }

    /** @param  Closure(): array<mixed>  $work  whose result is written to a file */
    private function inProcess(string $file, string $result, Closure $work): int
    {
        DB::purge('sqlite');
        $child = pcntl_fork();
        self::assertGreaterThanOrEqual(0, $child);
        if ($child === 0) {
            try {
                $this->connect($file);
                $said = $work();
            } catch (Throwable $failed) {
                $said = [['status' => 599, 'said' => (string) $failed, 'path' => '']];
            }
            try {
                file_put_contents("{$result}.part", json_encode($said, JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR));
                rename("{$result}.part", $result);
            } finally {
                // Nothing of the test itself may end twice.
                posix_kill(posix_getpid(), SIGKILL);
            }
        }

        return $child;
    }

    /** @return array<mixed> what the process said; empty if it was killed before */
    private function end(int $child, string $result): array
    {
        pcntl_waitpid($child, $status);

        return is_file($result) ? json_decode((string) file_get_contents($result), true, 64, JSON_THROW_ON_ERROR) : [];
    }
}
