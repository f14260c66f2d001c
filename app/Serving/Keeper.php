<?php

declare(strict_types=1);

namespace App\Serving;

use Symfony\Component\Process\Process;

/** Begins what serves the shop, and begins again what dies of it, until it is told to stop. */
final class Keeper
{
    /** More deaths than these within a minute are a fault that beginning again does not cure. */
    private const DEATHS = 5;

    /** Seconds between two looks at the names of this machine and at the size of the log. */
    private const LOOKS = 15;

    /** @var array<string, Process> by name */
    private array $running = [];

    /** @var array<string, int> the process that each began with, by name */
    private array $pids = [];

    /** @var list<int> when something died, in seconds since 1970 */
    private array $deaths = [];

    private int $looked;

    /** @param  \Closure(string): void  $tell */
    public function __construct(private WebServer $server, private readonly \Closure $tell)
    {
        $this->looked = time();
    }

    public function begin(): void
    {
        foreach ($this->server->commands() as $name => $command) {
            $this->run($name, $command);
        }
    }

    /** @return bool whether it is worth going on */
    public function look(): bool
    {
        foreach ($this->running as $name => $process) {
            if ($process->isRunning()) {
                continue;
            }
            ($this->tell)("{$name} ended by itself: {$process->getErrorOutput()}");
            $this->deaths = [...array_filter($this->deaths, static fn (int $at): bool => $at > time() - 60), time()];
            if (count($this->deaths) > self::DEATHS) {
                return false;
            }
            $this->clear($name);
            $this->run($name, $this->server->commands()[$name]);
        }
        if (time() - $this->looked >= self::LOOKS) {
            $this->looked = time();
            $this->server->turnLog();
            $this->followNetwork();
        }

        return true;
    }

    public function stop(): void
    {
        // The one that people reach first.
        foreach (array_reverse($this->running) as $name => $process) {
            $process->stop(5);
            $this->clear($name);
        }
        $this->running = [];
    }

    /** @param  list<string>  $command */
    private function run(string $name, array $command): void
    {
        // In a session of its own, so that none of it outlives it.
        $process = new Process(['setsid', ...$command], public_path(), $this->server->environment(), null, null);
        $process->start();
        $this->running[$name] = $process;
        $this->pids[$name] = (int) $process->getPid();
    }

    /** A machine that is given another address on its network answers under that one. */
    private function followNetwork(): void
    {
        if ($this->server->hasMoved()) {
            ($this->tell)('This machine has another address on its network now.');
            $this->stop();
            $this->server = $this->server->again();
            $this->begin();
        }
    }

    /** What a server has begun goes with it, however it ended. */
    private function clear(string $name): void
    {
        $this->pids[$name] > 1 && posix_kill(-$this->pids[$name], SIGKILL);
    }
}
