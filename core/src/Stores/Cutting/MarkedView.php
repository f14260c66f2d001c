<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Geometry\Point;
use Regimen\Units\Words;

/** A marked board drawn to scale: its edge, what is cut around, the pieces, and the cuts in their order. */
final class MarkedView
{
    /** Letters in mm of the paper. */
    private const LETTERS = 3.2;

    /** So many letters high a board is drawn at the least for words on it. */
    private const ROOM = 8.0;

    /**
     * @param  array<int, Wanted>  $wanted  by their numbers
     * @param  array<int, string>  $names  by the same
     * @param  int  $scale  1 for full size, 20 for 1:20
     */
    public static function draw(Marked $marked, array $wanted, array $names, string $title, int $scale): View
    {
        $at = static fn (float $along, float $across): Point => new Point($along / $scale, $across / $scale);
        $box = static fn (Area $one, string $layer, string $style): Shape => Shape::box($one->from / $scale, $one->across / $scale, $one->length / $scale, $one->width / $scale, $layer, $style);
        $shapes = [Shape::box(0.0, 0.0, $marked->face->length / $scale, $marked->face->width / $scale, 'board')];
        foreach ($marked->face->defects as $defect) {
            $shapes[] = $box($defect, 'marked', 'hidden');
        }
        $named = $numbered = [];
        foreach ($marked->laid as $one) {
            $points = Part::lying($wanted[$one->wanted]->outline, $one->turn)->points ?? [];
            $shapes[] = $points === [] ? $box($one->area, 'pieces', 'line')
                : Shape::closed(array_map(static fn (Point $point): Point => $at($one->area->from + $point->x, $one->area->across + $point->y), $points), 'pieces');
            $named[] = [$at($one->area->from + $one->area->length / 2, $one->area->across + $one->area->width / 2), $names[$one->wanted] ?? ''];
        }
        foreach ($marked->cuts as $number => $cut) {
            $from = $cut->isAcross ? $at($cut->at, $cut->from) : $at($cut->from, $cut->at);
            $to = $cut->isAcross ? $at($cut->at, $cut->to) : $at($cut->to, $cut->at);
            $shapes[] = Shape::line($from->x, $from->y, $to->x, $to->y, 'cuts', 'thin');
            $numbered[] = [new Point(($from->x + $to->x) / 2, ($from->y + $to->y) / 2), (string) ($number + 1)];
        }
        $wide = $marked->face->width / $scale;
        // Where a board is drawn too narrow for words, they stand under it, and the numbers of the cuts over it.
        $words = $wide >= self::ROOM * self::LETTERS
            ? [...self::beside($named, 0.0), ...self::beside($numbered, self::LETTERS / 2)]
            : [...self::inRows($named, $wide + 1.3 * self::LETTERS, 1.2), ...self::inRows($numbered, -0.5 * self::LETTERS, -1.2)];
        array_push($shapes, ...$words);

        return new View("board-{$marked->face->number}", $title, $shapes);
    }

    /**
     * @param  list<array{Point, string}>  $words
     * @return list<Shape> where they belong
     */
    private static function beside(array $words, float $aside): array
    {
        return array_map(static fn (array $one): Shape => Shape::words($one[0]->moved($aside, 0.0), $one[1], self::LETTERS), $words);
    }

    /**
     * In rows, so that none stands on another.
     *
     * @param  list<array{Point, string}>  $words
     * @param  float  $first  line of the first row
     * @param  float  $step  to the next one, in letters
     * @return list<Shape>
     */
    private static function inRows(array $words, float $first, float $step): array
    {
        usort($words, static fn (array $a, array $b): int => $a[0]->x <=> $b[0]->x);
        $ends = $shapes = [];
        foreach ($words as [$at, $text]) {
            $half = (mb_strlen($text) + 1) * self::LETTERS * 0.31;
            for ($row = 0; ($ends[$row] ?? -INF) > $at->x - $half; $row++) {
            }
            $ends[$row] = $at->x + $half;
            $shapes[] = Shape::words(new Point($at->x, $first + $row * $step * self::LETTERS), $text, self::LETTERS);
        }

        return $shapes;
    }

    /**
     * The cuts in words, in their order.
     *
     * @param  array<int, string>  $names  of the needs
     * @return list<string>
     */
    public static function order(Marked $marked, array $names): array
    {
        $mm = static fn (float $one): string => Words::number($one);
        $order = array_map(static fn (SawCut $one): string => $one->isAcross
            ? "across at {$mm($one->at)} mm from the end, from {$mm($one->from)} to {$mm($one->to)} from the edge"
            : "along at {$mm($one->at)} mm from the edge, from {$mm($one->from)} to {$mm($one->to)} from the end", $marked->cuts);
        $curved = array_map(static fn (int $at): string => $names[$marked->laid[$at]->wanted] ?? 'a piece', $marked->curved);

        return $curved === [] ? $order : [...$order, 'with the bandsaw along the line: '.implode(', ', $curved)];
    }
}
