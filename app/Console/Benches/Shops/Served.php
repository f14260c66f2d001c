<?php

declare(strict_types=1);

namespace App\Console\Benches\Shops;

use RuntimeException;
use Symfony\Component\Process\Process;

/** A shop in a file of its own, served as it is every day, and the time that its processor has spent on answers. */
final class Served
{
    public readonly string $address;

    private readonly Process $server;

    public function __construct(string $file, string $now)
    {
        $free = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $port = (int) explode(':', (string) stream_socket_get_name($free, false))[1];
        fclose($free);
        $this->address = "http://127.0.0.1:{$port}";
        $folder = dirname($file).'/web';
        is_dir($folder) || mkdir($folder);
        $settings = [
            'DB_DATABASE' => $file, 'REGIMEN_NOW' => $now, 'APP_ENV' => 'production', 'APP_DEBUG' => 'false',
            'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'QUEUE_CONNECTION' => 'database', 'REGIMEN_TIMINGS' => 'true',
            'APP_CONFIG_CACHE' => "{$folder}/config.php", 'APP_ROUTES_CACHE' => "{$folder}/routes.php", 'APP_EVENTS_CACHE' => "{$folder}/events.php",
        ];
        (new Process([PHP_BINARY, base_path('artisan'), 'regimen:settle'], base_path(), $settings))->mustRun();
        $this->server = new Process(
            [PHP_BINARY, base_path('artisan'), 'regimen:web', (string) $port, "--folder={$folder}", '--with-parent'], base_path(), $settings, null, null,
        );
        $this->server->disableOutput()->start();
        while (($there = @fsockopen('127.0.0.1', $port)) === false) {
            $this->server->isRunning() || throw new RuntimeException('The server ended by itself.');
            usleep(50_000);
        }
        fclose($there);
    }

    /** Bytes of memory that all of it takes, what processes share counted once. */
    public function memory(): int
    {
        $bytes = 0;
        foreach (self::below((int) $this->server->getPid(), self::processes()[0]) as $id) {
            $bytes += preg_match('/^Pss:\s+(\d+) kB/m', (string) @file_get_contents("/proc/{$id}/smaps_rollup"), $found) === 1 ? 1024 * (int) $found[1] : 0;
        }

        return $bytes;
    }

    /**
     * Seconds that the processes which answer have been at work; what the system has no count of in billionths it counts in
     * hundredths.
     */
    public function processorSeconds(): float
    {
        [$parents, $seconds] = self::processes();

        return array_sum(array_intersect_key($seconds, array_flip(self::below((int) $this->server->getPid(), $parents))));
    }

    /** @return array{array<int, int>, array<int, float>} the process that began each, and the seconds it was at work if it is PHP’s */
    private static function processes(): array
    {
        $parents = $seconds = [];
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $stat) {
            $id = (int) basename(dirname($stat));
            if (preg_match('/^\d+ \((.*)\) \S (\d+) (?:\S+ ){9}(\d+) (\d+)/', (string) @file_get_contents($stat), $one) === 1) {
                $parents[$id] = (int) $one[2];
                $spent = (int) strtok((string) @file_get_contents("/proc/{$id}/schedstat"), ' ');
                $seconds[$id] = str_starts_with($one[1], 'php') ? ($spent > 0 ? $spent / 1e9 : ($one[3] + $one[4]) / 100) : 0.0;
            }
        }

        return [$parents, $seconds];
    }

    /**
     * @param  array<int, int>  $parents
     * @return list<int>
     */
    private static function below(int $id, array $parents): array
    {
        $children = array_keys($parents, $id, true);

        return array_merge($children, ...array_map(static fn (int $child): array => self::below($child, $parents), $children));
    }

    public function stop(): void
    {
        $this->server->stop(10);
    }
}
