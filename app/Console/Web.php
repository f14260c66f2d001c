<?php

declare(strict_types=1);

namespace App\Console;

use App\Serving\WebServer;
use Illuminate\Console\Command;
use Symfony\Component\Process\Process;

/** Serves the shop until it is stopped; what dies is begun again. */
final class Web extends Command
{
    protected $signature = 'regimen:web {port : on 127.0.0.1} {--folder= : for settings and logs of the servers} {--with-parent : until whoever began it ends}';

    protected $description = 'Serve the shop';

    protected $hidden = true;

    /** More deaths than these within a minute are a fault that beginning again does not cure. */
    private const DEATHS = 5;

    private bool $isStopped = false;

    public function handle(): int
    {
        $folder = (string) ($this->option('folder') ?: storage_path('regimen/web-'.$this->argument('port')));
        is_dir($folder) || mkdir($folder, 0700, true);
        $server = new WebServer($folder, (int) $this->argument('port'));
        $running = $pids = [];
        foreach ($server->commands() as $name => $command) {
            $running[$name] = $this->begun($command, $server);
            $pids[$name] = (int) $running[$name]->getPid();
        }
        $this->trap([SIGTERM, SIGINT, SIGHUP], function (): void {
            $this->isStopped = true;
        });
        $deaths = [];
        $parent = posix_getppid();
        while (! $this->isStopped) {
            usleep(200_000);
            if ($this->option('with-parent') && posix_getppid() !== $parent) {
                break;
            }
            foreach ($running as $name => $process) {
                if ($process->isRunning()) {
                    continue;
                }
                $deaths = [...array_filter($deaths, static fn (int $at): bool => $at > time() - 60), time()];
                $this->error("{$name} ended by itself: {$process->getErrorOutput()}");
                $this->clear($pids[$name]);
                if (count($deaths) > self::DEATHS) {
                    $this->isStopped = true;
                    $failed = true;
                    break;
                }
                $running[$name] = $this->begun($server->commands()[$name], $server);
                $pids[$name] = (int) $running[$name]->getPid();
            }
        }
        // The one that people reach first.
        foreach (array_reverse($running) as $name => $process) {
            $process->stop(5);
            $this->clear($pids[$name]);
        }

        return isset($failed) ? self::FAILURE : self::SUCCESS;
    }

    /** What a server has begun goes with it, however it ended. */
    private function clear(int $pid): void
    {
        $pid > 1 && posix_kill(-$pid, SIGKILL);
    }

    /** @param  list<string>  $command */
    private function begun(array $command, WebServer $server): Process
    {
        // In a session of its own, so that none of it outlives it.
        $process = new Process(['setsid', ...$command], public_path(), $server->environment(), null, null);
        $process->start();

        return $process;
    }
}
