<?php

declare(strict_types=1);

namespace App\Serving\Service;

/** What systemd is told: the shop’s pages, the worker and the clock, begun with the machine and begun again when they end. */
final readonly class Units
{
    public const TARGET = 'regimen.target';

    public function __construct(private Place $place, private string $php)
    {
    }

    /** @return array<string, string> by name */
    public function all(): array
    {
        $artisan = "{$this->php} artisan";
        $compiled = "{$this->php} -d opcache.enable_cli=1 -d opcache.jit_buffer_size=64M -d opcache.jit=tracing artisan";

        return [
            self::TARGET => <<<'INI'
                [Unit]
                Description=Regimen: the shop
                Wants=regimen-web.service regimen-worker.service regimen-clock.service

                [Install]
                WantedBy=multi-user.target

                INI,
            'regimen-web.service' => $this->unit(
                'the shop’s pages',
                "{$artisan} regimen:web {$this->place->reach->options()} --folder={$this->place->data}/web",
                "ExecStartPre={$artisan} migrate --force\nExecStartPre={$artisan} regimen:settle\n"
                    .($this->place->reach->needsLowPort() ? "AmbientCapabilities=CAP_NET_BIND_SERVICE\nCapabilityBoundingSet=CAP_NET_BIND_SERVICE" : 'CapabilityBoundingSet='),
            ),
            'regimen-worker.service' => $this->unit(
                'better plans, looked for beside the shop', "{$compiled} queue:work --sleep=2 --tries=3 --max-time=3600", 'CapabilityBoundingSet=',
                'regimen-web.service',
            ),
            'regimen-clock.service' => $this->unit(
                'what is done by the clock', "{$artisan} schedule:work", 'CapabilityBoundingSet=', 'regimen-web.service',
            ),
        ];
    }

    private function unit(string $what, string $command, string $more, string $after = 'network-online.target'): string
    {
        $settings = Place::SETTINGS;
        $order = ($after === 'network-online.target' ? "Wants={$after}\n" : '')."After={$after}";

        // Its user owns nothing but the data, and the folder for copies that the shop names. Compiled code is written to memory, which is
        // why that is not forbidden.
        return <<<INI
            [Unit]
            Description=Regimen: {$what}
            {$order}
            PartOf=regimen.target

            [Service]
            Type=exec
            User={$this->place->user}
            Group={$this->place->user}
            WorkingDirectory={$this->place->program}
            EnvironmentFile={$settings}
            {$more}
            ExecStart={$command}
            Restart=always
            RestartSec=3
            KillMode=mixed
            TimeoutStopSec=30
            UMask=0077
            NoNewPrivileges=yes
            ProtectSystem=full
            ProtectHome=read-only
            PrivateTmp=yes
            PrivateDevices=yes
            ProtectKernelTunables=yes
            ProtectKernelModules=yes
            ProtectControlGroups=yes
            RestrictAddressFamilies=AF_INET AF_INET6 AF_UNIX AF_NETLINK
            RestrictNamespaces=yes
            RestrictRealtime=yes
            LockPersonality=yes
            LogRateLimitIntervalSec=30
            LogRateLimitBurst=200

            INI;
    }
}
