<?php

declare(strict_types=1);

namespace App\Serving;

/** What Caddy is told: under which names, with which certificates, and what is passed on to PHP. */
final readonly class Site
{
    /**
     * @param  string  $folder  for certificates, logs and the socket to PHP
     * @param  list<string>  $names  of this machine on its network
     */
    public function __construct(private Reach $reach, private string $folder, private string $socket, private array $names)
    {
    }

    public function caddyfile(): string
    {
        return implode("\n", array_filter([$this->all(), $this->shop(), $this->reach->isOnNetwork() ? $this->trustPage() : null]));
    }

    private function all(): string
    {
        // Certificates of its own authority are not put on this machine’s own list: that is for whoever looks after it.
        $https = match (true) {
            $this->reach->domain !== null => '',
            $this->reach->isOnNetwork() => 'auto_https disable_redirects',
            default => 'auto_https off',
        };

        return <<<CADDY
            {
                admin off
                skip_install_trust
                {$https}
                log {
                    output file {$this->folder}/web.log {
                        roll_size 5MiB
                        roll_keep 5
                    }
                    level WARN
                }
            }

            CADDY;
    }

    private function shop(): string
    {
        [$sites, $how] = match (true) {
            $this->reach->domain !== null => [$this->reach->domain, ''],
            $this->reach->isOnNetwork() => [
                implode(', ', array_map(fn (string $name): string => "https://{$name}:{$this->reach->port}", [...$this->names, 'localhost', '127.0.0.1'])),
                'tls internal',
            ],
            default => ["http://:{$this->reach->port}", 'bind 127.0.0.1'],
        };
        $public = public_path();

        return <<<CADDY
            {$sites} {
                {$how}
                root * "{$public}"
                encode zstd gzip
                header -Server
                @hidden path */.*
                respond @hidden 404
                @made path /build/assets/*
                header @made Cache-Control "public, max-age=31536000, immutable"
                php_fastcgi "unix/{$this->socket}" {
                    lb_try_duration 10s
                    lb_try_interval 100ms
                    {$this->proxies()}
                }
                file_server
            }

            CADDY;
    }

    /** What a proxy says of the address that it stands before is passed on only where the proxy is named. */
    private function proxies(): string
    {
        $proxies = array_filter(
            array_map(trim(...), explode(',', (string) config('regimen.proxies'))),
            static fn (string $one): bool => preg_match('#^[0-9a-fA-F.:]+(/\d{1,3})?$#', $one) === 1,
        );

        return $proxies === [] ? '' : 'trusted_proxies '.implode(' ', $proxies);
    }

    private function trustPage(): string
    {
        $policy = TrustPage::policy();

        return <<<CADDY
            http://:{$this->reach->pagePort} {
                header {
                    -Server
                    Content-Security-Policy "{$policy}"
                    X-Content-Type-Options nosniff
                    Referrer-Policy no-referrer
                    Cache-Control no-cache
                }
                handle / {
                    root * "{$this->folder}/trust"
                    file_server
                }
                handle /authority.crt {
                    root * "{$this->folder}/caddy/pki/authorities/local"
                    rewrite * /root.crt
                    header Content-Type application/x-x509-ca-cert
                    header Content-Disposition "attachment; filename=regimen-authority.crt"
                    file_server
                }
                handle {
                    respond 404
                }
            }

            CADDY;
    }
}
