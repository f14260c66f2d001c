<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\CuttingPlan;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\Layout;
use Regimen\Stores\Cutting\Wanted;

/** Pieces on boards (I1), judged by code that knows nothing of how they were laid. */
final class CuttingPlanTest extends TestCase
{
    private const KERF = 2.5;

    public function test_random_plans_keep_every_rule(): void
    {
        $dice = new Randomizer(new Mt19937(20));
        $served = 0;
        for ($case = 0; $case < (getenv('REGIMEN_LONG') === '1' ? 1000 : 200); $case++) {
            [$faces, $wanted] = self::drawn($dice);
            $plan = CuttingPlan::of($faces, $wanted, 5, $case);
            $this->assertSame([], self::faults($plan, $faces, $wanted), "case {$case}");
            $served += count($plan->laid);
        }
        $this->assertGreaterThan(500, $served);
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

    public function test_the_offcut_is_the_largest_sound_piece_and_none_below_the_least(): void
    {
        $plan = CuttingPlan::of([new Face(1, 1050.0, 100.0)], [new Wanted(1, 500.0, 100.0)], 1, 1);
        $this->assertEqualsWithDelta([497.5, 100.0], [$plan->offcut?->length, $plan->offcut?->width], 1e-9);
        $this->assertSame(1, $plan->offcutOf);
        $this->assertEqualsWithDelta(500 * 100 / (1050 * 100), $plan->used([new Face(1, 1050.0, 100.0)]), 1e-9);
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

    /** @return array{list<Face>, list<Wanted>} */
    private static function drawn(Randomizer $dice): array
    {
        $faces = $wanted = [];
        for ($board = 1; $board <= $dice->getInt(1, 4); $board++) {
            [$length, $width] = [$dice->getInt(400, 2500), $dice->getInt(80, 300)];
            $defects = [];
            for ($defect = 0; $defect < $dice->getInt(0, 4); $defect++) {
                [$long, $wide] = [$dice->getInt(5, 120), $dice->getInt(5, 60)];
                $defects[] = new Area((float) $dice->getInt(0, $length - $long), (float) $dice->getInt(0, max(0, $width - $wide)), (float) $long, (float) $wide);
            }
            $faces[] = new Face($board, (float) $length, (float) $width, $defects);
        }
        for ($one = 1; $one <= $dice->getInt(1, 12); $one++) {
            $wanted[] = new Wanted($one, (float) $dice->getInt(60, 900), (float) $dice->getInt(20, 200), $dice->getInt(1, 2));
        }

        return [$faces, $wanted];
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

    /**
     * @param  list<Face>  $faces
     * @param  list<Wanted>  $wanted
     * @return list<string>
     */
    private static function faults(Layout $plan, array $faces, array $wanted): array
    {
        $faults = [];
        $count = array_count_values(array_map(static fn (Laid $one): int => $one->wanted, $plan->laid));
        $without = array_map(static fn (Wanted $one): int => $one->number, $plan->without);
        foreach ($wanted as $one) {
            if (($count[$one->number] ?? 0) !== (in_array($one->number, $without, true) ? 0 : $one->pieces)) {
                $faults[] = "need {$one->number} is served by halves";
            }
        }
        foreach ($plan->laid as $at => $one) {
            $face = $faces[$one->face - 1];
            $a = $one->area;
            $need = $wanted[$one->wanted - 1];
            if (abs($a->length - $need->length) > 1e-6 || abs($a->width - $need->width) > 1e-6) {
                $faults[] = "piece {$at} is of another size, or across the grain";
            }
            if ($a->from < 25 - 1e-6 || $a->from + $a->length > $face->length - 25 + 1e-6 || $a->across < -1e-6 || $a->across + $a->width > $face->width + 1e-6) {
                $faults[] = "piece {$at} lies outside";
            }
            foreach ($face->defects as $defect) {
                if (min($a->from + $a->length, $defect->from + $defect->length) - max($a->from, $defect->from) > 1e-6
                    && min($a->across + $a->width, $defect->across + $defect->width) - max($a->across, $defect->across) > 1e-6) {
                    $faults[] = "piece {$at} lies on a defect";
                }
            }
            foreach (array_slice($plan->laid, $at + 1) as $two) {
                $b = $two->area;
                $along = max($a->from, $b->from) - min($a->from + $a->length, $b->from + $b->length);
                $across = max($a->across, $b->across) - min($a->across + $a->width, $b->across + $b->width);
                if ($two->face === $one->face && max($along, $across) < self::KERF - 1e-6) {
                    $faults[] = "piece {$at} has no kerf to its neighbour";
                }
            }
        }

        return [...$faults, ...self::notSawn($plan, $faces)];
    }

    /**
     * Saws the boards as the plan says: every cut goes from edge to edge of one part, and every piece is one part in the end.
     *
     * @param  list<Face>  $faces
     * @return list<string>
     */
    private static function notSawn(Layout $plan, array $faces): array
    {
        $parts = array_map(static fn (Face $one): array => [[25.0, 0.0, $one->length - 25.0, $one->width]], $faces);
        foreach ($plan->cuts as $cut) {
            [$i, $j] = $cut->isAcross ? [0, 1] : [1, 0];
            foreach ($parts[$cut->face - 1] as $at => $part) {
                if (abs($part[$j] - $cut->from) < 1e-6 && abs($part[$j + 2] - $cut->to) < 1e-6 && $cut->at > $part[$i] - self::KERF - 1e-6 && $cut->at < $part[$i + 2] - 1e-9) {
                    $before = $after = $part;
                    $before[$i + 2] = $cut->at;
                    $after[$i] = $cut->at + self::KERF;
                    array_splice($parts[$cut->face - 1], $at, 1, array_values(array_filter([$before, $after], static fn (array $one): bool => $one[$i + 2] - $one[$i] > 1e-9)));

                    continue 2;
                }
            }

            return ['a cut does not go from edge to edge'];
        }
        foreach ($plan->laid as $one) {
            $want = [$one->area->from, $one->area->across, $one->area->from + $one->area->length, $one->area->across + $one->area->width];
            if (array_filter($parts[$one->face - 1], static fn (array $part): bool => max(array_map(static fn (float $a, float $b): float => abs($a - $b), $part, $want)) < 1e-6) === []) {
                return ['a piece does not come off the saw'];
            }
        }

        return [];
    }
}
