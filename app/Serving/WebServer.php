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
    /** As many requests as are answered at once: whoever waits for a plan waits in one of them. */
    private const MOST_AT_ONCE = 24;

    private const IDLE = 3;

    /** Requests after which a process makes way for a new one. */
    private const REQUESTS = 2_000;

    private const SECONDS = 120;

    /** What the compiler needs is settled before PHP begins. */
    private const PHP = [
        '-d', 'opcache.enable=1', '-d', 'opcache.enable_cli=1', '-d', 'opcache.memory_consumption=160', '-d', 'opcache.interned_strings_buffer=16',
        '-d', 'opcache.max_accelerated_files=20000', '-d', 'opcache.jit_buffer_size=64M', '-d', 'opcache.jit=tracing', '-d', 'expose_php=0',
    ];

    /** @param  string  $folder  for settings and the socket between the two; a socket’s path has room for about a hundred characters */
    public function __construct(private string $folder, private int $port)
    {
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
                PHP_BINARY, ...self::PHP, '-S', "127.0.0.1:{$this->port}", '-t', public_path(),
                base_path('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php'),
            ]];
        }
        file_put_contents("{$this->folder}/php-fpm.conf", $this->pool());
        file_put_contents("{$this->folder}/Caddyfile", $this->site());

        return [
            'php' => [
                (string) self::processManager(), ...self::PHP, '--nodaemonize', '--fpm-config', "{$this->folder}/php-fpm.conf",
                // Whoever tries it as root runs it so; as a service it has a user of its own.
                ...posix_geteuid() === 0 ? ['--allow-to-run-as-root'] : [],
            ],
            'web' => [(string) self::caddy(), 'run', '--adapter', 'caddyfile', '--config', "{$this->folder}/Caddyfile"],
        ];
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
        [$most, $idle, $requests, $seconds] = [self::MOST_AT_ONCE, self::IDLE, self::REQUESTS, self::SECONDS];
        $more = 2 * $idle;
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
            pm = dynamic
            pm.max_children = {$most}
            pm.start_servers = {$idle}
            pm.min_spare_servers = {$idle}
            pm.max_spare_servers = {$more}
            pm.max_requests = {$requests}
            request_terminate_timeout = {$seconds}s
            clear_env = no
            catch_workers_output = yes
            php_admin_value[max_execution_time] = {$seconds}
            php_admin_value[memory_limit] = 512M
            php_admin_value[upload_max_filesize] = 20M
            php_admin_value[post_max_size] = 24M
            php_admin_flag[display_errors] = off

            INI;
    }

    private function socket(): string
    {
        return "{$this->folder}/php.sock";
    }

    private function site(): string
    {
        $public = public_path();
        // What it says of the address that it stands before is passed on only from a proxy that is named.
        $proxies = array_filter(
            array_map(trim(...), explode(',', (string) config('regimen.proxies'))),
            static fn (string $one): bool => preg_match('#^[0-9a-fA-F.:]+(/\d{1,3})?$#', $one) === 1,
        );
        $trusted = $proxies === [] ? '' : 'trusted_proxies '.implode(' ', $proxies);

        return <<<CADDY
            {
                admin off
                auto_https off
                log {
                    output file {$this->folder}/web.log {
                        roll_size 5MiB
                        roll_keep 5
                    }
                    level WARN
                }
            }

            http://:{$this->port} {
                bind 127.0.0.1
                root * "{$public}"
                encode zstd gzip
                header -Server
                @hidden path */.*
                respond @hidden 404
                @made path /build/assets/*
                header @made Cache-Control "public, max-age=31536000, immutable"
                php_fastcgi "unix/{$this->socket()}" {
                    lb_try_duration 10s
                    lb_try_interval 100ms
                    {$trusted}
                }
                file_server
            }

            CADDY;
    }
}
