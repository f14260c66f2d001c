<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\ClimateTable;
use Regimen\Route\Air\Climate;
use Regimen\Units\UnreadableFile;

final class ClimateTableTest extends TestCase
{
    public function test_readings_are_read_in_the_shops_zone_with_commas_points_and_a_mark_of_byte_order(): void
    {
        $readings = ClimateTable::read(
            "\xEF\xBB\xBFtime,°C,%\r\n2026-03-29 01:30,19.5,48\r\n\"2026-03-29 "
                ."03:30\",\"-2,5\",100\r\n2026-03-29T03:30:00Z,20,0\r\n\r\n",
            new \DateTimeZone('Europe/Berlin'),
        );
        self::assertSame([2, 3, 4], array_keys($readings), 'by line');
        self::assertSame(
            ['00:30', '01:30', '03:30'],
            array_values(
                array_map(
                    static fn (array $one): string => $one[0]->setTimezone(new \DateTimeZone('UTC'))->format('H:i'),
                    $readings,
                ),
            ),
            'over the clock change',
        );
        self::assertEquals(new Climate(-2.5, 100), $readings[3][1]);
    }

    #[
        TestWith(
            [
                "2026-03-29 01:30,19.5,48\n2026-03-29 02:30,19.5,101\n",
                'Line 2, column 3: 101 is not between 0 and 100.',
            ],
        )
    ]
    #[TestWith(["2026-03-29 01:30,95,48\n", 'Line 1, column 2: 95 is not between -30 and 60.'])]
    #[TestWith(["2026-03-29 01:30,nineteen,48\n", 'Line 1, column 2: “nineteen” is no number.'])]
    #[TestWith(["29.3.2026,19,48\n", 'Line 1, column 1: “29.3.2026” is no time. Write for example 2026-03-18 09:12.'])]
    #[TestWith(["2026-03-29 01:30|19|48\n", 'Line 1 has 1 of three columns'])]
    #[TestWith(["2026-03-29 01:30;19\n", 'Line 1 has 2 of three columns'])]
    #[TestWith(['', 'The table has no readings.'])]
    public function test_what_cannot_be_taken_is_refused_by_line_and_column(string $csv, string $said): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($said);
        ClimateTable::read($csv, new \DateTimeZone('UTC'));
    }

    #[TestWith(["Zeit;°C;%\n2026-03-29 01:30;19,5;48\n", 'UTF-8'])]
    #[TestWith(["Zeit;°C;%\n2026-03-29 01:30;19,5;48\n", 'Windows-1252'])]
    #[TestWith(["Zeit\t°C\t%\r\n2026-03-29 01:30\t19,5\t48\r\n", 'UTF-16LE'])]
    public function test_what_other_programs_write_is_read(string $csv, string $encoding): void
    {
        $bytes = ($encoding === 'UTF-16LE' ? "\xFF\xFE" : '').mb_convert_encoding($csv, $encoding, 'UTF-8');
        self::assertEquals([new Climate(19.5, 48)], array_column(ClimateTable::read($bytes, new \DateTimeZone('UTC')), 1));
    }

    public function test_what_is_written_is_read_back(): void
    {
        $at = new \DateTimeImmutable('2026-03-18 08:12', new \DateTimeZone('UTC'));
        $csv = ClimateTable::write([[$at, new Climate(19.5, 48.2)], [$at->modify('+1 hour'), new Climate(-3.0, 70.0)]]);
        self::assertEquals(
            [[$at, new Climate(19.5, 48.2)], [$at->modify('+1 hour'), new Climate(-3.0, 70.0)]],
            array_values(ClimateTable::read($csv, new \DateTimeZone('UTC'))),
        );
    }
}
