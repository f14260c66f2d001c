<?php

declare(strict_types=1);

namespace App\Serving;

/** By what this machine is known on the shop’s own network. */
final class NetworkNames
{
    /** Addresses that no network outside uses (RFC 1918), and those that a machine gives itself (RFC 3927). */
    private const OWN = '/^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.|169\.254\.)/';

    /** @return list<string> its numbers first, which every phone finds; then its name as machines tell it to each other */
    public static function all(): array
    {
        return [...self::numbers(), self::host().'.local'];
    }

    /** @return list<string> IPv4 addresses, those given by the network before those it gave itself */
    public static function numbers(): array
    {
        $numbers = [];
        foreach (net_get_interfaces() ?: [] as $name => $interface) {
            // What programs on this machine call each other by is no way in.
            if (($interface['up'] ?? false) !== true || preg_match('/^(lo|docker|br-|veth|virbr|podman)/', $name) === 1) {
                continue;
            }
            foreach ($interface['unicast'] ?? [] as $unicast) {
                $address = (string) ($unicast['address'] ?? '');
                if (preg_match(self::OWN, $address) === 1) {
                    $numbers[] = $address;
                }
            }
        }
        usort($numbers, static fn (string $a, string $b): int => str_starts_with($a, '169.') <=> str_starts_with($b, '169.'));

        return array_values(array_unique($numbers));
    }

    /** Whether a request that came under this name can have come from the shop’s own network. */
    public static function isOwn(string $host): bool
    {
        return preg_match(self::OWN, $host) === 1 && filter_var($host, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false
            || in_array($host, [self::host(), self::host().'.local'], true);
    }

    private static function host(): string
    {
        $host = strtolower((string) strtok((string) gethostname(), '.'));

        return preg_match('/^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?$/', $host) === 1 ? $host : 'localhost';
    }
}
