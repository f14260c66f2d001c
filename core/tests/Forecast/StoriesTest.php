<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Stories;

/** Chains told in few lines, laid out by hand. */
final class StoriesTest extends TestCase
{
    public function test_what_follows_each_other_in_one_build_and_one_part_of_the_work_is_one_story(): void
    {
        self::assertSame([], Stories::of([]));
        self::assertSame([[0, 0], [1, 3], [4, 4], [5, 5]], Stories::of([
            ['1', 'set-up'], ['1', 'finish'], ['1', 'finish'], ['1', 'finish'], ['2', 'finish'], ['1', 'finish'],
        ]));
    }

    public function test_there_are_a_dozen_lines_at_the_most_and_what_is_nearest_to_the_finish_stays_apart(): void
    {
        $steps = [];
        for ($at = 0; $at < 40; $at++) {
            $steps[] = ['1', "part {$at}"];
        }
        $stories = Stories::of($steps);
        self::assertCount(12, $stories);
        self::assertSame([0, 39], [$stories[0][0], $stories[11][1]]);
        for ($at = 1; $at < 12; $at++) {
            self::assertSame($stories[$at - 1][1] + 1, $stories[$at][0], 'nothing is left out');
        }
        self::assertSame([0, 0], $stories[0]);
    }

    public function test_builds_are_told_together_only_where_there_is_no_other_way(): void
    {
        $steps = [['1', 'a'], ['2', 'a']];
        for ($at = 0; $at < 12; $at++) {
            $steps[] = ['2', "b{$at}"];
        }
        self::assertSame([0, 0], Stories::of($steps)[0]);
        self::assertCount(12, Stories::of($steps));
        $alternating = array_map(static fn (int $at): array => [(string) ($at % 2), 'a'], range(0, 29));
        self::assertCount(12, Stories::of($alternating));
    }
}
