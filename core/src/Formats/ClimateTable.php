<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Route\Air\Climate;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\TypedText;
use Regimen\Units\UnreadableFile;

/** Readings of the air as a table (RFC 4180, in any encoding and with any separator that CsvTable reads): time, temperature in °C, relative humidity in %. All or nothing. */
final class ClimateTable
{
    /** A reading every ten minutes for a year. */
    private const MOST_LINES = 53_000;

    /**
     * @return array<int, array{\DateTimeImmutable, Climate}> by the line of the file
     *
     * @throws UnreadableFile naming line and column of what it refuses
     */
    public static function read(string $csv, \DateTimeZone $zone): array
    {
        $readings = [];
        foreach (CsvTable::lines($csv, self::MOST_LINES) as $line => $cells) {
            $isHead = $line === 1 && preg_match('/\d/', $cells[0]) !== 1;
            if (! $isHead) {
                $readings[$line] = self::reading($line, $cells, $zone);
            }
        }

        return $readings === [] ? throw UnreadableFile::because('The table has no readings.') : $readings;
    }

    /**
     * @param  list<string>  $cells
     * @return array{\DateTimeImmutable, Climate}
     */
    private static function reading(int $line, array $cells, \DateTimeZone $zone): array
    {
        if (count($cells) < 3) {
            throw UnreadableFile::because(
                "Line {$line} has ".count($cells).' of three columns: time, temperature in °C, humidity in %.',
            );
        }
        $at = preg_match('/^\d{4}-\d{2}-\d{2}[ T]\d{2}:\d{2}(:\d{2})?(Z|[+-]\d{2}:?\d{2})?$/', trim($cells[0])) === 1
            ? date_create_immutable(trim($cells[0]), $zone)
            : false;
        if ($at === false) {
            throw UnreadableFile::because(
                "Line {$line}, column 1: “{$cells[0]}” is no time. Write for example 2026-03-18 09:12.",
            );
        }

        return [
            $at,
            new Climate(self::number($line, 2, $cells[1], -30, 60), self::number($line, 3, $cells[2], 0, 100)),
        ];
    }

    private static function number(int $line, int $column, string $cell, float $least, float $most): float
    {
        try {
            $typed = TypedText::of($cell);
        } catch (InvalidQuantity $wrong) {
            throw UnreadableFile::because("Line {$line}, column {$column}: ".$wrong->getMessage());
        }
        if (preg_match('/^-?\d{1,3}([.,]\d+)?$/', $typed) !== 1) {
            throw UnreadableFile::because("Line {$line}, column {$column}: “{$cell}” is no number.");
        }
        $value = (float) str_replace(',', '.', $typed);

        return $value < $least || $value > $most
            ? throw UnreadableFile::because(
                "Line {$line}, column {$column}: {$cell} is not between {$least} and {$most}.",
            )
            : $value;
    }

    /** @param  iterable<array{\DateTimeInterface, Climate}>  $readings */
    public static function write(iterable $readings): string
    {
        $rows = [];
        foreach ($readings as [$at, $air]) {
            $rows[] = [
                $at->format(DATE_ATOM), number_format($air->temperature, 1, '.', ''),
                number_format($air->humidity, 1, '.', ''),
            ];
        }

        return Tables::csv([['time', 'temperature in °C', 'humidity in %'], $rows]);
    }
}
