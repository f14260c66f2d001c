<?php

declare(strict_types=1);

namespace App\Serving\Service;

use App\Serving\Reach;
use InvalidArgumentException;

/** Where the service stands on a machine: the program, which it only reads, the shop’s data, which are its own, and under which user. */
final readonly class Place
{
    public const SETTINGS = '/etc/regimen/regimen.env';

    public const UNITS = '/etc/systemd/system';

    /** @throws InvalidArgumentException with a sentence that says what would be right */
    public function __construct(public string $program, public string $data, public string $user, public Reach $reach)
    {
        preg_match('/^[a-z_][a-z0-9_-]{0,30}$/', $user) === 1 || throw new InvalidArgumentException("“{$user}” is no name of a user: small letters and digits.");
        $user !== 'root' || throw new InvalidArgumentException('The service runs under a user of its own, never root.');
        foreach ([$program, $data] as $folder) {
            preg_match('#^/[\w./-]+$#', $folder) === 1
                || throw new InvalidArgumentException("“{$folder}” has to be a whole path of letters, digits, points and hyphens.");
        }
        ! str_starts_with("{$data}/", "{$program}/") && ! str_starts_with("{$program}/", "{$data}/")
            || throw new InvalidArgumentException('The shop’s data need a place of their own, outside of the program’s.');
    }

    public function database(): string
    {
        return "{$this->data}/shop.sqlite";
    }

    public function owner(): string
    {
        return "{$this->user}:{$this->user}";
    }
}
