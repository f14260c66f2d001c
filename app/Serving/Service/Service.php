<?php

declare(strict_types=1);

namespace App\Serving\Service;

/** The shop as a service of the machine: what has to be done so that it is there after every start, and so that it is gone again. */
final readonly class Service
{
    /** What the program consists of; settings and data are nobody else’s. */
    private const PROGRAM = ['app', 'artisan', 'bootstrap', 'config', 'core', 'database', 'lang', 'node_modules', 'public', 'resources', 'routes', 'vendor'];

    public function __construct(private Place $place, private string $php)
    {
    }

    /**
     * @param  string  $settings  the text of their file
     * @param  string|null  $shop  a shop that was begun without a service, and is taken along
     * @return list<Step>
     */
    public function installation(string $settings, ?string $shop): array
    {
        $place = $this->place;

        return [
            ...$this->folders(), Step::write(Place::SETTINGS, $settings, 0640, "root:{$place->user}"),
            $shop === null
                ? Step::run('touch', $place->database())
                : Step::run($this->php, '-r', '(new SQLite3($argv[1]))->backup(new SQLite3($argv[2]));', $shop, $place->database()),
            Step::run('chown', $place->owner(), $place->database()), Step::run('chmod', '0600', $place->database()),
            ...array_map(
                static fn (string $name, string $unit): Step => Step::write(Place::UNITS."/{$name}", $unit, 0644),
                array_keys((new Units($place, $this->php))->all()), (new Units($place, $this->php))->all(),
            ),
            Step::run('systemctl', 'daemon-reload'), Step::run('systemctl', 'enable', '--quiet', Units::TARGET),
            Step::run('systemctl', 'restart', Units::TARGET, ...$this->services()),
        ];
    }

    /** @return list<Step> a user of its own, and folders that are theirs */
    private function folders(): array
    {
        $place = $this->place;

        return [
            Step::try('groupadd', '--system', $place->user),
            Step::try('useradd', '--system', '--gid', $place->user, '--home-dir', $place->data, '--no-create-home', '--shell', '/usr/sbin/nologin', $place->user),
            Step::run('install', '-d', '-m', '0700', '-o', $place->user, '-g', $place->user, $place->data, ...array_map(
                static fn (string $folder): string => "{$place->data}/{$folder}",
                [
                    'web', 'cache', 'storage', 'storage/app', 'storage/app/private', 'storage/framework', 'storage/framework/sessions', 'storage/framework/views',
                    'storage/framework/cache', 'storage/framework/cache/data', 'storage/logs', 'storage/regimen',
                ],
            )),
            Step::run('install', '-d', '-m', '0755', '-o', 'root', '-g', 'root', dirname(Place::SETTINGS)),
            // What was fetched for the program is there for its user too, whatever the one who fetched it keeps to themselves.
            Step::run('chmod', '-R', 'a+rX', ...array_map(static fn (string $part): string => "{$place->program}/{$part}", self::PROGRAM)),
        ];
    }

    /** @return list<Step> the shop’s data stay where they are */
    public function removal(): array
    {
        return [
            Step::try('systemctl', 'disable', '--now', '--quiet', Units::TARGET, ...$this->services()),
            Step::run('rm', '-f', ...array_map(static fn (string $name): string => Place::UNITS."/{$name}", array_keys((new Units($this->place, $this->php))->all()))),
            Step::run('systemctl', 'daemon-reload'),
        ];
    }

    /** @return list<string> */
    public function services(): array
    {
        return array_values(array_diff(array_keys((new Units($this->place, $this->php))->all()), [Units::TARGET]));
    }
}
