<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores;

use PHPUnit\Framework\TestCase;
use Regimen\Stores\Cutting\CuttingPlan;

/**
 * Small cutting problems against the fewest boards, proven once by CBC (COIN-OR, from Debian's package coinor-cbc) without asking for straight cuts,
 * and where that is fewer than a plan needs, by trying all straight cuts: kept in core/tests/reference/small-cuts.json, some proven again here, all
 * with REGIMEN_LONG.
 */
final class ProvenCutsTest extends TestCase
{
    public function test_in_nine_of_ten_no_board_more_is_opened_than_need_be(): void
    {
        $proven = self::proven();
        $good = $free = 0;
        foreach ($proven as $seed => [$byProgram, $sawn]) {
            [$faces, $wanted] = SmallCuts::drawn($seed);
            $plan = CuttingPlan::of($faces, $wanted, 100, 1);
            $this->assertSame([], $plan->without, "case {$seed}");
            $this->assertGreaterThanOrEqual($sawn, count($plan->boards), "case {$seed} is better than what was proven");
            $good += count($plan->boards) === $sawn ? 1 : 0;
            $free += count($plan->boards) === $byProgram ? 1 : 0;
        }
        $this->assertGreaterThanOrEqual(0.9 * count($proven), $good);
        $this->assertGreaterThanOrEqual(0.8 * count($proven), $free, 'also against a program that needs no straight cuts');
    }

    public function test_the_fewest_boards_are_what_the_solver_and_all_straight_cuts_prove(): void
    {
        $isLong = getenv('REGIMEN_LONG') !== false;
        foreach (self::proven() as $seed => [$byProgram, $sawn]) {
            if ($isLong || in_array($seed, [2, 4, 9, 18, 31], true)) {
                $this->assertSame($byProgram, SmallCuts::fewest($seed, 240), "case {$seed}");
            }
            if ($byProgram !== $sawn && ($isLong || in_array($seed, [9, 31], true))) {
                $this->assertSame($sawn, SmallCuts::fewestSawn($seed), "case {$seed}");
            }
        }
    }

    /** @return array<int, array{int, int}> by seed: by the program, and with straight cuts */
    private static function proven(): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__).'/reference/small-cuts.json'), true, 8, JSON_THROW_ON_ERROR);
    }
}
