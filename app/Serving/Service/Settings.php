<?php

declare(strict_types=1);

namespace App\Serving\Service;

use App\Serving\Reach;
use Dotenv\Dotenv;

/** The settings under which the service runs: what follows from its place, what it is installed with, and what was added by hand. */
final readonly class Settings
{
    public function __construct(private Place $place)
    {
    }

    /** The place that a file of settings names; null where there is none. */
    public static function installed(string $text): ?Place
    {
        /** @var array<string, string> $set */
        $set = Dotenv::parse($text);

        return isset($set['REGIMEN_PROGRAM'], $set['REGIMEN_DATA'], $set['REGIMEN_USER'], $set['REGIMEN_REACH'])
            ? new Place($set['REGIMEN_PROGRAM'], $set['REGIMEN_DATA'], $set['REGIMEN_USER'], Reach::of($set['REGIMEN_REACH']))
            : null;
    }

    /**
     * The text of the file. What follows from the place is written anew; everything else stays as it was.
     *
     * @param  string  $before  the text that is there
     * @param  string  $key  with which the shop’s secrets are encrypted, where none is there yet
     */
    public function text(string $before, string $key, string $address): string
    {
        /** @var array<string, string> $old */
        $old = Dotenv::parse($before);
        $usual = [
            'APP_ENV' => 'production', 'APP_DEBUG' => 'false', 'APP_KEY' => $key, 'CACHE_STORE' => 'file', 'LOG_CHANNEL' => 'daily',
            'QUEUE_CONNECTION' => 'database', 'SESSION_DRIVER' => 'file',
        ];
        $lines = ['# Written by ./regimen service; what was added or changed here stays, but for what follows from the place (the last part).'];
        foreach ([...$usual, ...array_diff_key($old, $this->ofThePlace($address)), ...$this->ofThePlace($address)] as $name => $value) {
            $lines[] = "{$name}=".(preg_match('#^[\w:/.+=@,-]*$#', $value) === 1 ? $value : '"'.addcslashes($value, '"\\').'"');
        }

        return implode("\n", $lines)."\n";
    }

    /** @return array<string, string> */
    private function ofThePlace(string $address): array
    {
        $data = $this->place->data;

        return [
            'DB_DATABASE' => $this->place->database(), 'LARAVEL_STORAGE_PATH' => "{$data}/storage",
            'APP_CONFIG_CACHE' => "{$data}/cache/config.php", 'APP_ROUTES_CACHE' => "{$data}/cache/routes.php", 'APP_EVENTS_CACHE' => "{$data}/cache/events.php",
            'APP_SERVICES_CACHE' => "{$data}/cache/services.php", 'APP_PACKAGES_CACHE' => "{$data}/cache/packages.php",
            'REGIMEN_ADDRESS' => $address, 'REGIMEN_LAN' => $this->place->reach->isOnNetwork() ? 'true' : 'false',
            'REGIMEN_PROGRAM' => $this->place->program, 'REGIMEN_DATA' => $data, 'REGIMEN_USER' => $this->place->user,
            'REGIMEN_REACH' => $this->place->reach->options(),
        ];
    }
}
