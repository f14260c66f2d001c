<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores;

use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\Layout;
use Regimen\Stores\Cutting\Marked;
use Regimen\Stores\Cutting\Turn;
use Regimen\Stores\Cutting\Wanted;

/** Judges cutting plans from the rules alone (CALCULATIONS I1): it knows nothing of how they were laid, and saws the boards again. */
final class CutVerifier
{
    private const KERF = 2.5;

    /**
     * @param  list<Face>  $faces
     * @param  list<Wanted>  $wanted
     * @return list<string>
     */
    public static function faults(Layout $plan, array $faces, array $wanted, bool $mayTurn): array
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
            [$long, $wide] = $one->turn === Turn::Across ? [$need->width, $need->length] : [$need->length, $need->width];
            if (abs($a->length - $long) > 1e-6 || abs($a->width - $wide) > 1e-6 || $one->turn === Turn::Across && ! $mayTurn) {
                $faults[] = "piece {$at} is of another size, or across the grain";
            }
            $line = self::line($one, $need);
            if ($a->from < 25 - 1e-6 || $a->from + $a->length > $face->length - 25 + 1e-6 || $a->across < -1e-6 || $a->across + $a->width > $face->width + 1e-6) {
                $faults[] = "piece {$at} lies outside";
            }
            foreach ($face->defects as $defect) {
                if (min($a->from + $a->length, $defect->from + $defect->length) - max($a->from, $defect->from) > 1e-6
                    && min($a->across + $a->width, $defect->across + $defect->width) - max($a->across, $defect->across) > 1e-6
                    && ($line === null || self::nearest($line, self::boxed($defect)) < 4.99)) {
                    $faults[] = "piece {$at} lies on a defect";
                }
            }
            foreach (array_slice($plan->laid, $at + 1) as $two) {
                $b = $two->area;
                $along = max($a->from, $b->from) - min($a->from + $a->length, $b->from + $b->length);
                $across = max($a->across, $b->across) - min($a->across + $a->width, $b->across + $b->width);
                $other = self::line($two, $wanted[$two->wanted - 1]);
                // Five millimetres are left around a line; the saw goes between what is left around both.
                $apart = ($line === null ? 0 : 5) + ($other === null ? 0 : 5) + self::KERF - 0.01;
                if ($two->face === $one->face && max($along, $across) < self::KERF - 1e-6
                    && ($line === null && $other === null || self::nearest($line ?? self::boxed($a), $other ?? self::boxed($b)) < $apart)) {
                    $faults[] = "piece {$at} has no kerf to its neighbour";
                }
            }
        }

        foreach ($faces as $face) {
            $laid = array_values(array_filter($plan->laid, static fn (Laid $one): bool => $one->face === $face->number));
            $marked = Marked::of($face, $laid, array_combine(array_column($wanted, 'number'), $wanted), []);
            $faults = [...$faults, ...array_merge(...$marked->faults), ...self::notSawn($marked)];
        }

        return $faults;
    }

    /** The line of a piece with an outline in its place on the board; null for a box. */
    private static function line(Laid $laid, Wanted $wanted): ?Polygon
    {
        $points = $laid->turn === Turn::Across ? [] : $wanted->outline->points ?? [];

        return $points === [] ? null : Polygon::of(array_map(static fn (Point $one): Point => $laid->turn === Turn::Half
            ? new Point($laid->area->from + $wanted->length - $one->x, $laid->area->across + $wanted->width - $one->y)
            : new Point($laid->area->from + $one->x, $laid->area->across + $one->y), $points));
    }

    private static function boxed(Area $area): Polygon
    {
        return Polygon::of(array_map(
            static fn (array $one): Point => new Point($area->from + $one[0] * $area->length, $area->across + $one[1] * $area->width), [[0, 0], [1, 0], [1, 1], [0, 1]],
        ));
    }

    /** How near two lines come to each other, by places on both; 0 where one lies in the other. */
    private static function nearest(Polygon $one, Polygon $two): float
    {
        $near = INF;
        foreach ([[$one, $two], [$two, $one]] as [$of, $to]) {
            foreach ($of->points as $point) {
                $near = min($near, $to->contains($point) ? 0.0 : $to->distanceTo($point));
            }
        }

        return $near;
    }

    /**
     * Saws the board as the plan says: every cut goes from edge to edge of one part, and every piece is one part in the end, but for
     * those that are said to need a curved cut.
     *
     * @return list<string>
     */
    private static function notSawn(Marked $marked): array
    {
        $parts = [[25.0, 0.0, $marked->face->length - 25.0, $marked->face->width]];
        foreach ($marked->cuts as $cut) {
            [$i, $j] = $cut->isAcross ? [0, 1] : [1, 0];
            foreach ($parts as $at => $part) {
                if (abs($part[$j] - $cut->from) < 1e-6 && abs($part[$j + 2] - $cut->to) < 1e-6 && $cut->at > $part[$i] - self::KERF - 1e-6 && $cut->at < $part[$i + 2] - 1e-9) {
                    $before = $after = $part;
                    $before[$i + 2] = $cut->at;
                    $after[$i] = $cut->at + self::KERF;
                    array_splice($parts, $at, 1, array_values(array_filter([$before, $after], static fn (array $one): bool => $one[$i + 2] - $one[$i] > 1e-9)));

                    continue 2;
                }
            }

            return ['a cut does not go from edge to edge'];
        }
        foreach ($marked->laid as $at => $one) {
            $want = [$one->area->from, $one->area->across, $one->area->from + $one->area->length, $one->area->across + $one->area->width];
            if (! in_array($at, $marked->curved, true) && array_filter($parts, static fn (array $part): bool => max(array_map(static fn (float $a, float $b): float => abs($a - $b), $part, $want)) < 1e-6) === []) {
                return ['a piece does not come off the saw'];
            }
        }
        foreach ($marked->offcuts as $offcut) {
            if (array_filter($parts, static fn (array $part): bool => $part[0] <= $offcut->from + 1e-6 && $part[1] <= $offcut->across + 1e-6 && $part[2] >= $offcut->from + $offcut->length - 1e-6 && $part[3] >= $offcut->across + $offcut->width - 1e-6) === []) {
                return ['an offcut does not come off the saw'];
            }
        }

        return [];
    }
}
