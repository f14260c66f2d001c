<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Wanted;
use Symfony\Component\Process\Process;

/**
 * Small cutting problems on a raster, and the fewest boards that they need, proven by a general-purpose solver of integer programs: CBC of the
 * COIN-OR project, from Debian's package coinor-cbc. A variable for every piece, board and place; cuts from edge to edge are not asked for, so that
 * the program may need less than any saw.
 */
final class SmallCuts
{
    private const STEP = 50.0;

    private const KERF = 2.5;

    private const LONG = 20;

    private const WIDE = 4;

    private const BOARDS = 3;

    /** @return array{list<Face>, list<Wanted>} each with its kerf as large as so many steps */
    public static function drawn(int $seed): array
    {
        $faces = array_map(static fn (int $board): Face => new Face($board, self::mm(self::LONG) + 2 * Face::END_TRIM, self::mm(self::WIDE)), range(1, self::BOARDS));
        $wanted = array_map(static fn (array $one, int $number): Wanted => new Wanted($number, self::mm($one[0]), self::mm($one[1])), self::pieces($seed), array_keys(self::pieces($seed)));

        return [$faces, $wanted];
    }

    /** @return int|null the fewest boards; null if that could not be proven in that time */
    public static function fewest(int $seed, int $seconds): ?int
    {
        $file = tempnam(sys_get_temp_dir(), 'cuts').'.lp';
        file_put_contents($file, implode("\n", self::program(self::pieces($seed)))."\n");
        $answer = (new Process(['cbc', $file, 'sec', (string) $seconds, 'solve'], timeout: $seconds + 60))->mustRun()->getOutput();
        unlink($file);

        return str_contains($answer, 'Optimal solution found') && preg_match('/Objective value:\s+([\d.]+)/', $answer, $found) === 1 ? (int) round((float) $found[1]) : null;
    }

    /** The fewest boards with cuts from edge to edge, by trying everything; for a handful of pieces. */
    public static function fewestSawn(int $seed): int
    {
        $pieces = self::pieces($seed);
        $known = [];
        $all = (1 << count($pieces)) - 1;
        $fewest = [0 => 0];
        for ($set = 1; $set <= $all; $set++) {
            $fewest[$set] = PHP_INT_MAX;
            // The board with the first piece of the set on it.
            $first = $set & -$set;
            for ($on = $set; $on > 0; $on = ($on - 1) & $set) {
                if (($on & $first) !== 0 && $fewest[$set] > $fewest[$set ^ $on] + 1 && self::isSawn($on, self::LONG, self::WIDE, $pieces, $known)) {
                    $fewest[$set] = $fewest[$set ^ $on] + 1;
                }
            }
        }

        return $fewest[$all];
    }

    /**
     * @param  list<array{int, int}>  $pieces
     * @param  array<string, bool>  $known
     */
    private static function isSawn(int $set, int $long, int $wide, array $pieces, array &$known): bool
    {
        $in = array_filter($pieces, static fn (int $at): bool => ($set >> $at & 1) === 1, ARRAY_FILTER_USE_KEY);
        $room = array_sum(array_map(static fn (array $one): int => $one[0] * $one[1], $in));
        if ($room > $long * $wide || array_filter($in, static fn (array $one): bool => $one[0] > $long || $one[1] > $wide) !== []) {
            return false;
        }
        if (count($in) <= 1) {
            return true;
        }
        $key = "{$set} {$long} {$wide}";
        if (! isset($known[$key])) {
            $known[$key] = false;
            for ($part = ($set - 1) & $set; $part > 0 && ! $known[$key]; $part = ($part - 1) & $set) {
                $known[$key] = self::isParted($part, $set ^ $part, $long, $wide, $pieces, $known);
            }
        }

        return $known[$key];
    }

    /**
     * @param  list<array{int, int}>  $pieces
     * @param  array<string, bool>  $known
     */
    private static function isParted(int $one, int $two, int $long, int $wide, array $pieces, array &$known): bool
    {
        for ($at = 1; $at < $long; $at++) {
            if (self::isSawn($one, $at, $wide, $pieces, $known) && self::isSawn($two, $long - $at, $wide, $pieces, $known)) {
                return true;
            }
        }
        for ($at = 1; $at < $wide; $at++) {
            if (self::isSawn($one, $long, $at, $pieces, $known) && self::isSawn($two, $long, $wide - $at, $pieces, $known)) {
                return true;
            }
        }

        return false;
    }

    private static function mm(int $steps): float
    {
        return $steps * self::STEP - self::KERF;
    }

    /** @return list<array{int, int}> as many as nearly fill one or two boards */
    private static function pieces(int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $room = self::LONG * self::WIDE * $dice->getInt(1, self::BOARDS - 1);
        $pieces = [];
        while (count($pieces) < 14) {
            $one = [$dice->getInt(3, 11), $dice->getInt(1, 3)];
            $room -= $one[0] * $one[1];
            if ($room < 0) {
                break;
            }
            $pieces[] = $one;
        }

        return $pieces;
    }

    /**
     * @param  list<array{int, int}>  $pieces
     * @return list<string>
     */
    private static function program(array $pieces): array
    {
        $once = $cells = $all = [];
        foreach ($pieces as $piece => [$long, $wide]) {
            for ($board = 0; $board < self::BOARDS; $board++) {
                for ($x = 0; $x + $long <= self::LONG; $x++) {
                    for ($y = 0; $y + $wide <= self::WIDE; $y++) {
                        $all[] = $name = "p{$piece}_{$board}_{$x}_{$y}";
                        $once[$piece][] = $name;
                        for ($i = 0; $i < $long * $wide; $i++) {
                            $cells["c{$board}_".($x + intdiv($i, $wide)).'_'.($y + $i % $wide)][] = $name;
                        }
                    }
                }
            }
        }
        $boards = array_map(static fn (int $board): string => "b{$board}", range(0, self::BOARDS - 1));
        $lines = ['Minimize', ' obj: '.implode(' + ', $boards), 'Subject To'];
        foreach ($once as $piece => $names) {
            $lines[] = " one{$piece}: ".implode(' + ', $names).' = 1';
        }
        foreach ($cells as $cell => $names) {
            $lines[] = " {$cell}: ".implode(' + ', $names).' - b'.substr((string) strtok($cell, '_'), 1).' <= 0';
        }
        for ($board = 1; $board < self::BOARDS; $board++) {
            $lines[] = " order{$board}: b{$board} - b".($board - 1).' <= 0';
        }

        return [...$lines, 'Binaries', ' '.implode("\n ", [...$boards, ...$all]), 'End'];
    }
}
