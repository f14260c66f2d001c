<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Figures\Pull;
use Regimen\Figures\Workings;
use Regimen\Units\Length;
use Regimen\Units\Words;

/** Tables for the bench, as rows and as CSV (RFC 4180). */
final class Tables
{
    /**
     * @return array{list<string>, list<list<string>>} heads and rows: from the nut, from the last fret, in mm, 1/64 in
     *   and 0.001 in
     */
    public static function frets(Workings $w): array
    {
        $rows = [];
        $last = 0.0;
        foreach ($w->specification->frets()->positions() as $index => $position) {
            $rows[] = [
                (string) ($index + 1), Words::number($position->mm, 2), $position->inFraction(),
                Words::number($position->inches(), 3), Words::number($position->mm - $last, 2),
                Words::number(($position->mm - $last) / Length::MM_PER_INCH, 3),
                Words::number($w->board()->widthAt($position->mm), 2),
                ...$w->specification->fan() === null ? [] : [
                    Words::number($w->lines()->fromNut(0, $index + 1), 2), Words::number($w->lines()->fromNut($w->specification->brief->strings - 1, $index + 1), 2), Words::number($w->lines()->angle($index + 1), 2),
                ],
            ];
            $last = $position->mm;
        }

        return [
            [
                'fret', 'from the nut, mm', 'from the nut, in to 1/64', 'from the nut, in', 'from the last fret, mm',
                'from the last fret, in', 'board width, mm', ...$w->specification->fan() === null ? [] : ['treble string, from the nut, mm', 'bass string, from the nut, mm', 'out of square, °'],
            ],
            $rows,
        ];
    }

    /** @return array{list<string>, list<list<string>>} */
    public static function strings(Workings $w): array
    {
        $rows = [];
        foreach ($w->strings() as $string) {
            $rows[] = [
                (string) $string->number,
                $string->note->name,
                Words::number($string->note->frequency(), 2),
                $string->gauge->inWords(),
                Words::number($string->gauge->diameter->mm, 3),
                Words::number($string->mass, 3),
                Words::number($string->pull),
                Words::number($string->pull / Pull::POUND_FORCE),
                Words::number($string->break),
                Words::number($string->nut->y, 2),
                Words::number($string->saddle->y, 2),
                Words::number($string->saddle->x - $string->nut->x),
            ];
        }

        return [
            [
                'string', 'note', 'Hz', 'gauge, in', 'gauge, mm', 'g/m', 'pull, N', 'pull, lbf', 'break angle, °',
                'off centre at the nut, mm', 'off centre at the bridge, mm', 'nut to saddle, mm',
            ],
            $rows,
        ];
    }

    /** A spreadsheet does not take it for a formula; a number below zero is none. */
    public static function plain(string $cell): string
    {
        return preg_match('/^[=+@-](?!\d+(\.\d+)?$)/', $cell) === 1 ? "'{$cell}" : $cell;
    }

    /** @param  array{list<string>, list<list<string>>}  $table */
    public static function csv(array $table): string
    {
        $line = static fn (array $cells): string => implode(
            ',',
            array_map(
                static fn (string $cell): string => preg_match('/[",\r\n]/', $cell) === 1
                    ? '"'.str_replace('"', '""', $cell).'"'
                    : $cell,
                $cells,
            ),
        )."\r\n";

        return implode('', array_map($line, [$table[0], ...$table[1]]));
    }
}
