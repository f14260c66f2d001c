<?php

declare(strict_types=1);

namespace App\Console\Serving;

use App\Serving\NetworkNames;
use App\Serving\Reach;
use App\Serving\Service\Place;
use App\Serving\Service\Service;
use App\Serving\Service\Settings;
use App\Serving\Service\Step;
use Illuminate\Console\Command;
use InvalidArgumentException;
use RuntimeException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Makes the shop a service of this machine, or prints what that would take where it is none that has services. */
final class ManageService extends Command
{
    protected $signature = 'regimen:service {do=install : install, status or remove}
        {--lan : on the shop’s own network, with https by an authority of its own} {--domain= : under a name that everybody can look up}
        {--port= : 8080; on the network 443} {--page-port=8080 : of the page that tells a phone how to trust the shop}
        {--data=/var/lib/regimen : where the shop’s data are} {--user=regimen : under whom it runs} {--print : only say what would be done}';

    protected $description = 'Install, show or remove the service';

    protected $hidden = true;

    public function handle(): int
    {
        try {
            return match ((string) $this->argument('do')) {
                'install' => $this->install(),
                'status' => $this->status(),
                'remove' => $this->remove(),
                default => throw new InvalidArgumentException('./regimen service takes nothing, status or remove.'),
            };
        } catch (InvalidArgumentException|RuntimeException $wrong) {
            $this->error($wrong->getMessage());

            return self::FAILURE;
        }
    }

    private function install(): int
    {
        $place = $this->place();
        $address = $place->reach->address($place->reach->isOnNetwork() ? NetworkNames::all() : []);
        $before = is_readable(Place::SETTINGS) ? (string) file_get_contents(Place::SETTINGS) : '';
        $key = (string) config('app.key');
        $own = storage_path('regimen/shop.sqlite');
        $isTakenAlong = ! file_exists($place->database()) && is_file($own) && filesize($own) > 0;
        $steps = $this->service($place)->installation((new Settings($place))->text($before, $key, $address), $isTakenAlong ? $own : null);
        if ($this->onlyPrints()) {
            return $this->print($steps);
        }
        $this->mayReadProgram($place);
        $this->take($steps);
        $this->line("The shop is served at {$address}, also after the machine was switched off. Its data are in {$place->data}.");
        if ($isTakenAlong) {
            $this->line("The shop that was here was taken along; {$own} stays as it was and is used no more.");
        }
        if ($place->reach->isOnNetwork()) {
            $this->line('How a phone trusts it: http://'.(NetworkNames::all()[0]).":{$place->reach->pagePort}");
        }

        return self::SUCCESS;
    }

    private function status(): int
    {
        $place = $this->installed();
        if (! is_dir('/run/systemd/system')) {
            $this->line('This machine has no systemd; nothing runs as a service here.');

            return self::FAILURE;
        }
        $isWell = true;
        foreach ($this->service($place)->services() as $name) {
            $state = new Process(['systemctl', 'show', '--property=ActiveState,SubState,ActiveEnterTimestamp,NRestarts', '--value', $name]);
            $state->run();
            [$active, $sub, $since, $restarts] = array_pad(explode("\n", trim($state->getOutput())), 4, '');
            $isWell = $isWell && $active === 'active';
            $this->line(sprintf('%-24s %s (%s)%s%s', $name, $active, $sub, $since === '' ? '' : ", since {$since}", (int) $restarts > 0 ? ", begun again {$restarts} times" : ''));
        }
        $this->line("reached at {$place->reach->address($place->reach->isOnNetwork() ? NetworkNames::all() : [])}; data in {$place->data}");

        return $isWell ? self::SUCCESS : self::FAILURE;
    }

    private function remove(): int
    {
        $place = $this->installed();
        $steps = $this->service($place)->removal();
        if ($this->onlyPrints()) {
            return $this->print($steps);
        }
        $this->take($steps);
        $this->line("The service is gone. The shop’s data stay in {$place->data}, its settings in ".Place::SETTINGS.', the user '.$place->user." stays with them. To go on without a service: ./regimen restore {$place->database()}, then ./regimen start.");

        return self::SUCCESS;
    }

    private function service(Place $place): Service
    {
        return new Service($place, (string) (new PhpExecutableFinder)->find(false));
    }

    /** @throws InvalidArgumentException */
    private function place(): Place
    {
        $port = (string) $this->option('port');
        $domain = (string) $this->option('domain');
        $isOnNetwork = (bool) $this->option('lan');
        if ($domain !== '' && ($isOnNetwork || $port !== '')) {
            throw new InvalidArgumentException('A domain has its own ports and is reached from everywhere: --domain goes without --lan and --port.');
        }
        $reach = match (true) {
            $domain !== '' => Reach::domain($domain),
            $isOnNetwork => Reach::network((int) ($port === '' ? 443 : $port), (int) $this->option('page-port')),
            default => Reach::thisMachine((int) ($port === '' ? 8080 : $port)),
        };

        return new Place(base_path(), (string) $this->option('data'), (string) $this->option('user'), $reach);
    }

    /**
     * As it was installed.
     *
     * @throws RuntimeException where it is not
     */
    private function installed(): Place
    {
        return Settings::installed(is_readable(Place::SETTINGS) ? (string) file_get_contents(Place::SETTINGS) : '')
            ?? throw new RuntimeException('There is no service on this machine; ./regimen service installs it.');
    }

    private function onlyPrints(): bool
    {
        if ($this->option('print')) {
            return true;
        }
        if (! is_dir('/run/systemd/system')) {
            $this->line('This machine has no systemd, so that nothing is changed. With it, this would be done:');

            return true;
        }
        if (posix_geteuid() !== 0) {
            throw new RuntimeException('Only root installs and removes services: sudo ./regimen service');
        }

        return false;
    }

    /** @throws RuntimeException where the service’s user could not read the program */
    private function mayReadProgram(Place $place): void
    {
        for ($folder = $place->program; $folder !== '/'; $folder = dirname($folder)) {
            if ((fileperms($folder) & 0005) !== 0005) {
                throw new RuntimeException("The service runs under a user of its own, who cannot read {$folder}. Move the program to a place that everybody can read, for example /opt/regimen.");
            }
        }
    }

    /** @param  list<Step>  $steps */
    private function print(array $steps): int
    {
        foreach ($steps as $step) {
            $this->line($step->inWords());
        }

        return self::SUCCESS;
    }

    /**
     * @param  list<Step>  $steps
     *
     * @throws RuntimeException at the first that fails
     */
    private function take(array $steps): void
    {
        foreach ($steps as $step) {
            $step->take();
        }
    }
}
