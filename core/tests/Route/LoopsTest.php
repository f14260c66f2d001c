<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\TestCase;
use Regimen\Route\Link;
use Regimen\Route\Loops;

/** Circles among links, against walking everywhere. */
final class LoopsTest extends TestCase
{
    public function test_no_circle_is_found_where_there_is_none(): void
    {
        self::assertSame(
            [],
            Loops::first(['a', 'b', 'c'], [new Link('a', 'b', ''), new Link('b', 'c', ''), new Link('a', 'c', '')]),
        );
        self::assertSame([], Loops::first([], []));
    }

    public function test_a_circle_is_told_link_by_link(): void
    {
        $loop = Loops::first(
            ['x', 'a', 'b', 'c'],
            [
                new Link('x', 'a', ''), new Link('a', 'b', ''), new Link('b', 'c', ''), new Link('c', 'a', ''),
                new Link('b', 'x', ''),
            ],
        );
        self::assertClosed($loop);
        self::assertSame(
            [['a', 'a']],
            array_map(
                static fn (Link $link): array => [$link->before, $link->after],
                Loops::first(['a'], [new Link('a', 'a', '')]),
            ),
            'after itself',
        );
    }

    public function test_random_links_have_a_circle_exactly_if_something_reaches_itself(): void
    {
        mt_srand(97);
        $circles = 0;
        for ($round = 0; $round < 400; $round++) {
            $keys = array_map(static fn (int $one): string => "o{$one}", range(1, mt_rand(2, 9)));
            $links = [];
            for ($count = mt_rand(1, 12); $count > 0; $count--) {
                $links[] = new Link($keys[mt_rand(0, count($keys) - 1)], $keys[mt_rand(0, count($keys) - 1)], '');
            }
            $loop = Loops::first($keys, $links);
            self::assertSame(self::reachesItself($keys, $links), $loop !== []);
            if ($loop !== []) {
                $circles++;
                self::assertClosed($loop);
            }
        }
        self::assertGreaterThan(50, $circles);
        self::assertLessThan(390, $circles);
    }

    /** @param  list<Link>  $loop */
    private static function assertClosed(array $loop): void
    {
        self::assertNotSame([], $loop);
        foreach ($loop as $index => $link) {
            self::assertSame($link->after, $loop[($index + 1) % count($loop)]->before);
        }
    }

    /**
     * @param  list<string>  $keys
     * @param  list<Link>  $links
     */
    private static function reachesItself(array $keys, array $links): bool
    {
        $reach = [];
        foreach ($links as $link) {
            $reach[$link->before][$link->after] = true;
        }
        foreach ($keys as $through) {
            foreach ($keys as $from) {
                foreach ($keys as $to) {
                    if (isset($reach[$from][$through], $reach[$through][$to])) {
                        $reach[$from][$to] = true;
                    }
                }
            }
        }

        return array_filter($keys, static fn (string $key): bool => isset($reach[$key][$key])) !== [];
    }
}
