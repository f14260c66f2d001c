<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\CuttingPlan;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\Marked;
use Regimen\Stores\Cutting\Outline;
use Regimen\Stores\Cutting\Turn;
use Regimen\Stores\Cutting\Wanted;

/** Pieces on boards (I1), judged by code that knows nothing of how they were laid. */
final class CuttingPlanTest extends TestCase
{
    private const KERF = 2.5;

    public function test_random_plans_keep_every_rule(): void
    {
        $dice = new Randomizer(new Mt19937(20));
        $served = $across = $nested = 0;
        for ($case = 0; $case < (getenv('REGIMEN_LONG') === '1' ? 1000 : 200); $case++) {
            $mayTurn = $case % 4 === 0;
            [$faces, $wanted] = self::drawn($dice, $mayTurn);
            $plan = CuttingPlan::of($faces, $wanted, 5, $case, $mayTurn);
            $this->assertSame([], CutVerifier::faults($plan, $faces, $wanted, $mayTurn), "case {$case}");
            $served += count($plan->laid);
            $across += count($plan->across());
            $nested += count(array_filter($plan->laid, static fn (Laid $one): bool => $one->turn === Turn::Half));
        }
        $this->assertGreaterThan(500, $served);
        $this->assertGreaterThan(0, $across);
        $this->assertGreaterThan(0, $nested);
    }

    /** The area of the pieces is a bound that nobody can pass: boards sawn into pieces by chance can be put together again. */
    public function test_boards_that_were_sawn_up_are_nearly_put_together_again(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        $good = 0;
        for ($case = 0; $case < 20; $case++) {
            $wanted = [];
            foreach ([0, 1] as $board) {
                foreach (self::sawnUp(new Area(0.0, 0.0, 1000.0, 200.0), 3, $dice) as $piece) {
                    $wanted[] = new Wanted(count($wanted), $piece->length, $piece->width);
                }
            }
            $whole = array_sum(array_map(static fn (Wanted $one): float => $one->square(), $wanted));
            $plan = CuttingPlan::of([new Face(1, 1050.0, 200.0), new Face(2, 1050.0, 200.0)], $wanted, 1000, 1);
            $laid = array_sum(array_map(static fn (Laid $one): float => $one->area->square(), $plan->laid));
            $good += $laid >= 0.95 * $whole ? 1 : 0;
        }
        $this->assertGreaterThanOrEqual(18, $good, 'in nine of ten within 5 % of what is possible');
    }

    public function test_the_same_seed_gives_the_same_plan_and_more_tries_never_a_worse_one(): void
    {
        [$faces, $wanted] = self::drawn(new Randomizer(new Mt19937(3)));
        $this->assertEquals(CuttingPlan::of($faces, $wanted, 20, 5), CuttingPlan::of($faces, $wanted, 20, 5));
        $best = CuttingPlan::of($faces, $wanted, 1, 5);
        foreach ([5, 25, 100] as $tries) {
            $next = CuttingPlan::of($faces, $wanted, $tries, 5);
            $this->assertFalse($best->isBetterThan($next));
            $best = $next;
        }
    }

    public function test_a_piece_keeps_clear_of_a_knot_and_the_ends_and_pairs_are_whole_or_not_at_all(): void
    {
        // 1,050 long with 25 off each end: two of 498 and a kerf of 2.5 between them.
        $two = CuttingPlan::of([new Face(1, 1050.0, 100.0)], [new Wanted(1, 498.0, 100.0, 2)], 1, 1);
        $this->assertEqualsWithDelta([25.0, 525.5], array_map(static fn (Laid $one): float => $one->area->from, $two->laid), 1e-9);
        $this->assertSame([], CuttingPlan::of([new Face(1, 1050.0, 100.0)], [new Wanted(1, 499.0, 100.0, 2)], 5, 1)->laid);
        // A knot in the middle leaves one place of 400 before it and one behind it.
        $knot = new Face(1, 1050.0, 100.0, [new Area(500.0, 40.0, 50.0, 20.0)]);
        $behind = CuttingPlan::of([$knot], [new Wanted(1, 470.0, 100.0, 2)], 1, 1);
        $this->assertEqualsWithDelta([25.0, 550.0], array_map(static fn (Laid $one): float => $one->area->from, $behind->laid), 1e-9);
        $this->assertSame([], CuttingPlan::of([$knot], [new Wanted(1, 480.0, 100.0)], 5, 1)->laid === [] ? [] : array_filter(
            CuttingPlan::of([$knot], [new Wanted(1, 480.0, 100.0)], 5, 1)->laid, static fn (Laid $one): bool => $one->area->overlaps($knot->defects[0]),
        ));
        $this->assertSame([], CuttingPlan::of([$knot], [new Wanted(1, 501.0, 100.0)], 5, 1)->laid, 'longer than either side of it');
    }

    public function test_where_not_all_find_a_place_what_is_needed_first_is_served(): void
    {
        $face = [new Face(1, 1050.0, 100.0)];
        foreach ([[1, 2], [2, 1]] as [$first, $second]) {
            $plan = CuttingPlan::of($face, [new Wanted($first, 600.0, 100.0), new Wanted($second, 605.0, 100.0)], 20, 1);
            $this->assertSame([1], array_map(static fn (Laid $one): int => $one->wanted, $plan->laid), 'but for five millimetres more');
        }
        $plan = CuttingPlan::of($face, [new Wanted(1, 300.0, 100.0), new Wanted(2, 900.0, 100.0)], 20, 1);
        $this->assertSame([2], array_map(static fn (Laid $one): int => $one->wanted, $plan->laid), 'not where much less of the board is used for it');
    }

    public function test_the_offcut_is_the_largest_sound_piece_and_none_below_the_least(): void
    {
        $plan = CuttingPlan::of([new Face(1, 1050.0, 100.0)], [new Wanted(1, 500.0, 100.0)], 1, 1);
        $this->assertEqualsWithDelta([497.5, 100.0], [$plan->offcut?->length, $plan->offcut?->width], 1e-9);
        $this->assertSame(1, $plan->offcutOf);
        $split = CuttingPlan::of([new Face(1, 1050.0, 100.0, [new Area(700.0, 0.0, 10.0, 100.0)])], [new Wanted(1, 500.0, 100.0)], 1, 1);
        $this->assertEqualsWithDelta(315.0, $split->offcut?->length, 1e-9, 'from the split to the trimmed end');
        $this->assertNull(CuttingPlan::of([new Face(1, 1050.0, 100.0)], [new Wanted(1, 850.0, 100.0)], 1, 1)->offcut);
    }

    public function test_fewest_boards_are_opened_and_what_is_too_large_for_any_is_told(): void
    {
        $faces = [new Face(1, 600.0, 120.0), new Face(2, 1300.0, 120.0)];
        $plan = CuttingPlan::of($faces, [new Wanted(1, 500.0, 100.0), new Wanted(2, 500.0, 100.0), new Wanted(3, 1400.0, 50.0)], 40, 1);
        $this->assertSame([2], $plan->boards);
        $this->assertSame([3], array_map(static fn (Wanted $one): int => $one->number, $plan->without));
        $this->expectExceptionMessage('a length and a width above zero');
        new Wanted(1, 0.0, 10.0);
    }

    /** Two pears with a broad and a slender end, 300 long: as boxes they need 602.5 mm, head to tail less. */
    public function test_outlines_are_laid_into_each_other_and_a_knot_beside_a_waist_is_no_matter(): void
    {
        $pear = Outline::of(Polygon::of([new Point(0, 30), new Point(40, 0), new Point(290, 60), new Point(290, 90), new Point(40, 150), new Point(0, 120)]), 5.0);
        $wanted = [new Wanted(1, $pear->length, $pear->width, 1, $pear), new Wanted(2, $pear->length, $pear->width, 1, $pear)];
        $this->assertCount(1, CuttingPlan::of([new Face(1, 620.0, 225.0)], $wanted, 1, 1)->without, 'as boxes');
        $both = CuttingPlan::of([new Face(1, 620.0, 225.0)], $wanted, 50, 1);
        $this->assertSame([Turn::Along, Turn::Half], array_map(static fn (Laid $one): Turn => $one->turn, $both->laid));
        $marked = Marked::of(new Face(1, 620.0, 225.0), $both->laid, [1 => $wanted[0], 2 => $wanted[1]], []);
        $this->assertSame([0, 1], $marked->curved, 'parted along their lines');
        $knot = new Face(1, 360.0, 160.0, [new Area(300.0, 0.0, 20.0, 20.0)]);
        $this->assertCount(1, CuttingPlan::of([$knot], [$wanted[0]], 1, 1)->laid, 'the knot lies in its box, beside its line');
        $this->assertSame([], CuttingPlan::of([$knot], [new Wanted(1, $pear->length, $pear->width)], 5, 1)->laid);
    }

    public function test_what_is_marked_by_hand_is_judged(): void
    {
        $face = new Face(1, 1050.0, 200.0, [new Area(900.0, 0.0, 20.0, 20.0)]);
        $wanted = [1 => new Wanted(1, 300.0, 100.0), 2 => new Wanted(2, 300.0, 100.0), 3 => new Wanted(3, 100.0, 60.0)];
        $at = static fn (int $one, float $from, float $across, Turn $turn = Turn::Along): Laid => new Laid(
            $one, 1, $turn === Turn::Across ? new Area($from, $across, $wanted[$one]->width, $wanted[$one]->length) : new Area($from, $across, $wanted[$one]->length, $wanted[$one]->width), $turn,
        );
        $judged = static fn (Laid ...$laid): Marked => Marked::of($face, array_values($laid), $wanted, [1 => 'the neck', 2 => 'the top', 3 => 'the cover']);
        $this->assertSame([['on the top, or with less than a kerf between them'], ['on the neck, or with less than a kerf between them']], $judged($at(1, 25.0, 0.0), $at(2, 327.0, 0.0))->faults);
        $this->assertTrue($judged($at(1, 25.0, 0.0), $at(2, 327.5, 0.0))->isSound());
        $this->assertStringContainsString('trimmed ends', $judged($at(1, 24.0, 0.0))->faults[0][0]);
        $this->assertSame([['on what is marked at 900 / 0']], $judged($at(3, 850.0, 10.0))->faults);
        $this->assertTrue($judged($at(1, 800.0, 0.0, Turn::Across))->isSound() === false && $judged($at(3, 800.0, 0.0, Turn::Across))->isSound());
        // Four around a middle: no straight cut from edge to edge frees any.
        $wheel = [10 => new Wanted(10, 600.0, 60.0), 11 => new Wanted(11, 390.0, 137.5)];
        $laid = [new Laid(10, 1, new Area(25.0, 0.0, 600.0, 60.0)), new Laid(11, 1, new Area(627.5, 0.0, 390.0, 137.5)), new Laid(10, 1, new Area(417.5, 140.0, 600.0, 60.0)), new Laid(11, 1, new Area(25.0, 62.5, 390.0, 137.5))];
        $pinwheel = Marked::of(new Face(1, 1042.5, 200.0), $laid, $wheel, []);
        $this->assertTrue($pinwheel->isSound());
        $this->assertSame([0, 1, 2, 3], $pinwheel->curved);
        $whole = $judged($at(1, 25.0, 0.0), $at(2, 327.5, 0.0));
        $this->assertEqualsWithDelta([60_000 / 210_000, 1000.0, 97.5], [$whole->used, $whole->offcuts[0]->length, $whole->offcuts[0]->width], 1e-9, 'beside them, from end to end');
    }

    /** @return array{list<Face>, list<Wanted>} */
    private static function drawn(Randomizer $dice, bool $isShort = false): array
    {
        $faces = $wanted = [];
        for ($board = 1; $board <= $dice->getInt(1, 4); $board++) {
            [$length, $width] = $isShort ? [$dice->getInt(400, 700), $dice->getInt(250, 400)] : [$dice->getInt(400, 2500), $dice->getInt(80, 300)];
            $defects = [];
            for ($defect = 0; $defect < $dice->getInt(0, 4); $defect++) {
                [$long, $wide] = [$dice->getInt(5, 120), $dice->getInt(5, 60)];
                $defects[] = new Area((float) $dice->getInt(0, $length - $long), (float) $dice->getInt(0, max(0, $width - $wide)), (float) $long, (float) $wide);
            }
            $faces[] = new Face($board, (float) $length, (float) $width, $defects);
        }
        for ($one = 1; $one <= $dice->getInt(1, 12); $one++) {
            $outline = $dice->getInt(1, 2) === 1 ? Outline::of(self::waisted($dice), 5.0) : null;
            $wanted[] = $outline === null
                ? new Wanted($one, (float) $dice->getInt(60, 900), (float) $dice->getInt(20, 200), $dice->getInt(1, 2))
                : new Wanted($one, $outline->length, $outline->width, 1, $outline);
        }

        return [$faces, $wanted];
    }

    /** A pear of some size, as bodies are. */
    private static function waisted(Randomizer $dice): Polygon
    {
        [$length, $width, $waist] = [$dice->getInt(150, 450), $dice->getInt(60, 180), $dice->getInt(20, 60) / 100];
        $points = [];
        for ($at = 0; $at < 40; $at++) {
            $turn = 2 * M_PI * $at / 40;
            $points[] = new Point($length / 2 * cos($turn), $width / 2 * sin($turn) * (1 - $waist * (0.5 + 0.5 * cos($turn))));
        }

        return Polygon::of($points);
    }

    /** @return list<Area> */
    private static function sawnUp(Area $area, int $depth, Randomizer $dice): array
    {
        if ($depth === 0 || $area->length < 120 || $area->width < 60) {
            return [$area];
        }
        $isAcross = $area->length > 2 * $area->width || $dice->getInt(0, 1) === 0;
        $at = ($isAcross ? $area->length : $area->width) * $dice->getInt(35, 65) / 100;
        $parts = $isAcross
            ? [new Area($area->from, $area->across, $at, $area->width), new Area($area->from + $at + self::KERF, $area->across, $area->length - $at - self::KERF, $area->width)]
            : [new Area($area->from, $area->across, $area->length, $at), new Area($area->from, $area->across + $at + self::KERF, $area->length, $area->width - $at - self::KERF)];

        return [...self::sawnUp($parts[0], $depth - 1, $dice), ...self::sawnUp($parts[1], $depth - 1, $dice)];
    }
}
