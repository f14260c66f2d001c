<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\CsvTable;
use Regimen\Units\UnreadableFile;

final class CsvTableTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function writings(): iterable
    {
        $text = "Name;Größe\r\n\"Grün; \"\"der\"\"\";1,5\r\n\r\nReed;2\r\n";
        yield 'UTF-8' => [$text];
        yield 'UTF-8 with its mark' => ["\xEF\xBB\xBF".$text];
        yield 'UTF-16, little end first' => ["\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8')];
        yield 'UTF-16, big end first' => ["\xFE\xFF".mb_convert_encoding($text, 'UTF-16BE', 'UTF-8')];
        yield 'Latin-1' => [mb_convert_encoding($text, 'ISO-8859-1', 'UTF-8')];
        yield 'old line ends' => [str_replace("\r\n", "\r", $text)];
    }

    #[DataProvider('writings')]
    public function test_a_table_is_read_however_it_was_written(string $bytes): void
    {
        $table = CsvTable::read($bytes);
        self::assertSame(['Name', 'Größe'], $table->columns);
        self::assertSame([2 => ['Grün; "der"', '1,5'], 4 => ['Reed', '2']], $table->rows);
    }

    public function test_commas_and_tabs_part_cells_as_well_and_a_short_line_is_filled_up(): void
    {
        self::assertSame([2 => ['1', '2']], CsvTable::read("a,b\n1,2")->rows);
        self::assertSame([2 => ['1;5', '']], CsvTable::read("a\tb\n1;5")->rows);
    }

    public function test_what_is_no_table_is_refused_with_a_reason(): void
    {
        foreach ([
            '' => 'no lines', "a,b\n" => 'no lines', "a,b\n1,2,3" => 'Line 2 has 3 cells', "a\0b\n1" => 'signs that no text has',
            str_repeat("a\n", 5002) => '5,000 lines', implode(',', array_fill(0, 101, 'a'))."\n1" => '100 columns',
            str_repeat('a', 2_000_001) => '2 MB',
        ] as $bytes => $words) {
            try {
                CsvTable::read((string) $bytes);
                self::fail($words);
            } catch (UnreadableFile $refused) {
                self::assertStringContainsString($words, $refused->getMessage());
            }
        }
    }
}
