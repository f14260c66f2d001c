<?php

declare(strict_types=1);

namespace App\Console\Serving;

use App\Serving\Keeper;
use App\Serving\Reach;
use App\Serving\WebServer;
use Illuminate\Console\Command;
use InvalidArgumentException;

/** Serves the shop until it is stopped; what dies is begun again. */
final class Web extends Command
{
    protected $signature = 'regimen:web {port : on 127.0.0.1, unless it is told otherwise}
        {--folder= : for settings and logs of the servers} {--with-parent : until whoever began it ends}
        {--lan : on the network of the shop, with https by an authority of its own} {--page-port=8080 : of the page that tells a phone how to trust it}
        {--domain= : under a name that everybody can look up, with https by a public authority}';

    protected $description = 'Serve the shop';

    protected $hidden = true;

    private bool $isStopped = false;

    public function handle(): int
    {
        $folder = (string) ($this->option('folder') ?: storage_path('regimen/web-'.$this->argument('port')));
        is_dir($folder) || mkdir($folder, 0700, true);
        try {
            $reach = $this->reach();
        } catch (InvalidArgumentException $wrong) {
            $this->error($wrong->getMessage());

            return self::INVALID;
        }
        if (! WebServer::isThere() && ($reach->isOnNetwork() || $reach->domain !== null)) {
            $this->error('Caddy and PHP’s process manager are needed for that: apt-get install caddy php'.PHP_MAJOR_VERSION.'.'.PHP_MINOR_VERSION.'-fpm');

            return self::FAILURE;
        }
        $keeper = new Keeper(new WebServer($folder, $reach), fn (string $words) => $this->error($words));
        $keeper->begin();
        $this->trap([SIGTERM, SIGINT, SIGHUP], function (): void {
            $this->isStopped = true;
        });
        $parent = posix_getppid();
        $isWell = true;
        while (! $this->isStopped && $isWell && ! ($this->option('with-parent') && posix_getppid() !== $parent)) {
            usleep(200_000);
            $isWell = $keeper->look();
        }
        $keeper->stop();

        return $isWell ? self::SUCCESS : self::FAILURE;
    }

    private function reach(): Reach
    {
        $port = (int) $this->argument('port');
        $domain = (string) $this->option('domain');

        return match (true) {
            $domain !== '' => Reach::domain($domain),
            (bool) $this->option('lan') => Reach::network($port, (int) $this->option('page-port')),
            default => Reach::thisMachine($port),
        };
    }
}
