<?php

declare(strict_types=1);

namespace Regimen\Route;

/** Finds links that go round in a circle. */
final class Loops
{
    /**
     * @param  list<string>  $keys
     * @param  iterable<Link>  $links
     * @return list<Link> the links of one circle, each beginning where the one before ends; empty if there is none
     */
    public static function first(array $keys, iterable $links): array
    {
        $from = [];
        foreach ($links as $link) {
            $from[$link->before][] = $link;
        }
        $state = [];
        foreach ($keys as $key) {
            $path = [];
            if (! isset($state[$key]) && ($loop = self::visit($key, $from, $state, $path)) !== []) {
                return $loop;
            }
        }

        return [];
    }

    /**
     * @param  array<string, list<Link>>  $from
     * @param  array<string, int>  $state  1 on the way, 2 done
     * @param  list<Link>  $path
     * @return list<Link>
     */
    private static function visit(string $key, array $from, array &$state, array &$path): array
    {
        $state[$key] = 1;
        foreach ($from[$key] ?? [] as $link) {
            $path[] = $link;
            if (($state[$link->after] ?? 0) === 1) {
                $begin = array_search(
                    $link->after, array_map(static fn (Link $one): string => $one->before, $path), true,
                );

                return array_slice($path, (int) $begin);
            }
            if (! isset($state[$link->after]) && ($loop = self::visit($link->after, $from, $state, $path)) !== []) {
                return $loop;
            }
            array_pop($path);
        }
        $state[$key] = 2;

        return [];
    }
}
