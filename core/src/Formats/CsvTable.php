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
        if (strlen($bytes) > self::MOST_BYTES) {
            throw UnreadableFile::because('The file is larger than 2 MB; a table of instruments is not.');
        }
        $text = self::decoded($bytes);
        $lines = self::cells($text, self::separator($text));
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

    private static function decoded(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
        if (str_contains($text, "\0")) {
            throw UnreadableFile::because('This is no table: it has characters that no text has.');
        }

        return $text;
    }

    private static function separator(string $text): string
    {
        $first = (string) preg_replace('/"[^"]*"/', '', strtok($text, "\r\n") ?: '');
        $counts = array_map(static fn (string $one): int => substr_count($first, $one), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /** @return array<int, list<string>> by line; empty lines are left out */
    private static function cells(string $text, string $separator): array
    {
        $stream = fopen('php://memory', 'r+');
        if ($stream === false) {
            throw new \RuntimeException('There is no memory for the table.');
        }
        fwrite($stream, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($stream);
        $lines = [];
        for ($number = 1; ($cells = fgetcsv($stream, null, $separator, '"', '')) !== false; $number++) {
            if ($number > self::MOST_LINES) {
                throw UnreadableFile::because('The table has more than '.number_format(self::MOST_LINES).' lines.');
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
