<?php

declare(strict_types=1);

namespace App\Serving;

use Symfony\Component\Process\ExecutableFinder;

/**
 * What serves the shop: Caddy in front, PHP's process manager behind it, both with settings of their own in one folder; PHP's
 * development server where they are not to be found.
 */
final readonly class WebServer
{
    /** @var list<string> of this machine on its network */
    private array $names;

    /** As many requests as are answered at once: whoever waits for a plan waits in one of them, and all are there before they are needed. */
    private const MOST_AT_ONCE = 24;

    /** Requests after which a process makes way for a new one. */
    private const REQUESTS = 2_000;

    private const SECONDS = 120;

    private const LOG_BYTES = 5_000_000;

    /** What the compiler needs is settled before PHP begins; functions are compiled whole, which pages gain more by than by traces. Whoever changes the program begins the server again. */
    private const PHP = [
        '-d', 'opcache.enable=1', '-d', 'opcache.enable_cli=1', '-d', 'opcache.memory_consumption=160', '-d', 'opcache.interned_strings_buffer=16',
        '-d', 'opcache.max_accelerated_files=20000', '-d', 'opcache.validate_timestamps=0', '-d', 'opcache.jit_buffer_size=128M', '-d', 'opcache.jit=function', '-d', 'expose_php=0',
    ];

    /** @param  string  $folder  for settings, certificates and the socket between the two; a socket’s path has room for about a hundred characters */
    public function __construct(private string $folder, private Reach $reach)
    {
        $this->names = $reach->isOnNetwork() ? NetworkNames::all() : [];
    }

    public static function caddy(): ?string
    {
        return (new ExecutableFinder)->find('caddy', null, ['/usr/bin', '/usr/local/bin']);
    }

    public static function processManager(): ?string
    {
        $finder = new ExecutableFinder;

        return $finder->find('php-fpm'.PHP_MAJOR_VERSION.'.'.PHP_MINOR_VERSION, null, ['/usr/sbin']) ?? $finder->find('php-fpm', null, ['/usr/sbin']);
    }

    public static function isThere(): bool
    {
        return self::caddy() !== null && self::processManager() !== null;
    }

    /** @return array<string, list<string>> commands that run until they are stopped, by name */
    public function commands(): array
    {
        if (! self::isThere()) {
            return ['server' => [
                PHP_BINARY, ...self::PHP, '-S', "127.0.0.1:{$this->reach->port}", '-t', public_path(),
                base_path('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php'),
            ]];
        }
        file_put_contents("{$this->folder}/php-fpm.conf", $this->pool());
        file_put_contents("{$this->folder}/Caddyfile", (new Site($this->reach, $this->folder, $this->socket(), $this->names))->caddyfile());
        if ($this->reach->isOnNetwork()) {
            is_dir("{$this->folder}/trust") || mkdir("{$this->folder}/trust", 0700);
            file_put_contents("{$this->folder}/trust/index.html", (new TrustPage($this->reach, $this->names))->html());
        }

        return [
            'php' => [
                (string) self::processManager(), ...self::PHP, '--nodaemonize', '--fpm-config', "{$this->folder}/php-fpm.conf",
                // Whoever tries it as root runs it so; as a service it has a user of its own.
                ...posix_geteuid() === 0 ? ['--allow-to-run-as-root'] : [],
            ],
            'web' => [(string) self::caddy(), 'run', '--adapter', 'caddyfile', '--config', "{$this->folder}/Caddyfile"],
        ];
    }

    /** Whether this machine is known by other names on its network than when it was begun. */
    public function hasMoved(): bool
    {
        return $this->reach->isOnNetwork() && NetworkNames::all() !== $this->names;
    }

    /** Caddy turns its own log; PHP's process manager opens a new one when it is told to. */
    public function turnLog(): void
    {
        $log = "{$this->folder}/php-fpm.log";
        clearstatcache(true, $log);
        $manager = (int) @file_get_contents("{$this->folder}/php-fpm.pid");
        if ($manager > 1 && is_file($log) && filesize($log) > self::LOG_BYTES) {
            rename($log, "{$log}.1");
            posix_kill($manager, SIGUSR1);
        }
    }

    /** Under the names that this machine has by now. */
    public function again(): self
    {
        return new self($this->folder, $this->reach);
    }

    /** @return array<string, string> */
    public function environment(): array
    {
        return [
            'PHP_CLI_SERVER_WORKERS' => (string) self::MOST_AT_ONCE, 'XDG_DATA_HOME' => $this->folder, 'XDG_CONFIG_HOME' => $this->folder,
        ];
    }

    private function pool(): string
    {
        [$most, $requests, $seconds] = [self::MOST_AT_ONCE, self::REQUESTS, self::SECONDS];
        $owner = posix_geteuid() === 0 ? "user = root\ngroup = root\n" : '';

        return <<<INI
            [global]
            pid = {$this->folder}/php-fpm.pid
            error_log = {$this->folder}/php-fpm.log
            log_limit = 8192
            emergency_restart_threshold = 5
            emergency_restart_interval = 1m
            process_control_timeout = 10s

            [shop]
            {$owner}listen = {$this->socket()}
            listen.mode = 0600
            listen.backlog = 256
            pm = static
            pm.max_children = {$most}
            pm.max_requests = {$requests}
            request_terminate_timeout = {$seconds}s
            clear_env = no
            catch_workers_output = yes
            php_admin_value[max_execution_time] = {$seconds}
            php_admin_value[memory_limit] = 512M
            php_admin_value[upload_max_filesize] = 21M
            php_admin_value[post_max_size] = 24M
            php_admin_flag[display_errors] = off

            INI;
    }

    private function socket(): string
    {
        return "{$this->folder}/php.sock";
    }
}
