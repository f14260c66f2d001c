<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Units\UnreadableFile;

/**
 * A table from elsewhere (RFC 4180, and what programs make of it): UTF-8, UTF-16 with its mark, or else Windows-1252;
 * cells between commas, semicolons or tabs, whichever the first line has most of.
 */
final readonly class CsvTable
{
    private const MOST_BYTES = 2_000_000;

    private const MOST_LINES = 5_000;

    private const MOST_COLUMNS = 100;

    /**
     * @param  list<string>  $columns  the names in the first line
     * @param  array<int, list<string>>  $rows  by line of the file, each as long as the columns
     */
    private function __construct(public array $columns, public array $rows)
    {
    }

    /** @throws UnreadableFile naming what is wrong, and the line where there is one */
    public static function read(string $bytes): self
    {
        $lines = self::lines($bytes, self::MOST_LINES);
        $columns = array_map(trim(...), reset($lines) ?: []);
        unset($lines[array_key_first($lines) ?? 0]);
        if ($columns === [] || $columns === [''] || $lines === []) {
            throw UnreadableFile::because('The table has no lines. Its first line names the columns, one instrument a line follows.');
        }
        if (count($columns) > self::MOST_COLUMNS) {
            throw UnreadableFile::because('The table has more than '.self::MOST_COLUMNS.' columns.');
        }
        $rows = [];
        foreach ($lines as $number => $cells) {
            if (count($cells) > count($columns)) {
                throw UnreadableFile::because(
                    "Line {$number} has ".count($cells).' cells, the first line names '.count($columns).' columns.',
                );
            }
            $rows[$number] = array_map(trim(...), array_pad($cells, count($columns), ''));
        }

        return new self($columns, $rows);
    }

    /**
     * The cells of each line, as they stand there.
     *
     * @return array<int, list<string>> by line of the file; empty lines are left out
     *
     * @throws UnreadableFile when it is no text, or too large
     */
    public static function lines(string $bytes, int $most): array
    {
        $text = TextFile::decoded($bytes, self::MOST_BYTES, 'a table of this kind');

        return self::cells($text, self::separator($text), $most);
    }

    private static function separator(string $text): string
    {
        $first = (string) preg_replace('/"[^"]*"/', '', strtok($text, "\r\n") ?: '');
        $counts = array_map(static fn (string $one): int => substr_count($first, $one), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /** @return array<int, list<string>> */
    private static function cells(string $text, string $separator, int $most): array
    {
        $stream = fopen('php://memory', 'r+');
        if ($stream === false) {
            throw new \RuntimeException('There is no memory for the table.');
        }
        fwrite($stream, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($stream);
        $lines = [];
        for ($number = 1; ($cells = fgetcsv($stream, null, $separator, '"', '')) !== false; $number++) {
            if ($number > $most) {
                throw UnreadableFile::because('The table has more than '.number_format($most).' lines.');
            }
            $cells = array_map(strval(...), $cells);
            if (implode('', $cells) !== '') {
                $lines[$number] = $cells;
            }
        }
        fclose($stream);

        return $lines;
    }
}
