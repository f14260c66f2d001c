<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats\Bank;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Bank\BankColumns;
use Regimen\Formats\Bank\BankFile;
use Regimen\Formats\Bank\BankLine;
use Regimen\Units\UnreadableFile;

final class BankFileTest extends TestCase
{
    private const FILE = "Booked;Name;Purpose;Amount;Currency\r\n28.11.2026;\"Quayle; Abel\";\"Invoice 2026-0007\";1.480,00;EUR\r\n28.11.26;Timber yard;\"ash\";-310,50;EUR\r\n2026-11-29;Marchetto;thanks;480,5;eur\r\n29.11.2026;Marchetto;thanks;480,50;EUR\r\n";

    public function test_what_came_is_read_and_what_went_is_left_out(): void
    {
        $file = BankFile::read(self::FILE, self::columns(), 'EUR');
        self::assertSame(1, $file->went);
        self::assertSame([[2, '2026-11-28', 148_000, 'Quayle; Abel · Invoice 2026-0007'], [4, '2026-11-29', 48_050, 'Marchetto · thanks'], [5, '2026-11-29', 48_050, 'Marchetto · thanks']], array_map(static fn (BankLine $one): array => [$one->line, $one->on, $one->amount->minor, $one->words], $file->came));
        self::assertCount(3, array_unique(array_map(static fn (BankLine $one): string => $one->fingerprint, $file->came)), 'two alike on one day are two payments');
        $again = BankFile::read(str_replace("28.11.26;Timber yard;\"ash\";-310,50;EUR\r\n", '', self::FILE), self::columns(), 'EUR');
        self::assertSame(array_column($file->came, 'fingerprint'), array_column($again->came, 'fingerprint'), 'in another file the same payment is the same');
    }

    public function test_the_month_may_come_first(): void
    {
        $file = BankFile::read("Booked,Amount\n03/04/2026,12.50\n", new BankColumns('booked', 'amount', [], dayFirst: false), 'EUR');
        self::assertSame('2026-03-04', $file->came[0]->on);
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrong(): iterable
    {
        yield 'another bank' => ["Date,Payee,Value\n2026-01-01,x,1\n", 'there is no column “Booked”. It is a file of another bank, or the bank has changed it: it has Date, Payee, Value'];
        yield 'a column twice' => ["Booked;Name;Purpose;Amount;Amount;Currency\n", 'no lines'];
        yield 'no day' => ["Booked;Name;Purpose;Amount;Currency\n31.02.2026;a;b;1,00;EUR\n", '“31.02.2026” is no day'];
        yield 'no amount' => ["Booked;Name;Purpose;Amount;Currency\n01.02.2026;a;b;much;EUR\n", 'Line 2'];
        yield 'another currency' => ["Booked;Name;Purpose;Amount;Currency\n01.02.2026;a;b;1,00;USD\n", '“USD” is not the house’s EUR'];
        yield 'a picture' => ["\x89PNG\0\0", 'signs that no text has'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_file_of_the_bank_says_why(string $bytes, string $says): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($says);
        BankFile::read($bytes, self::columns(), 'EUR');
    }

    private static function columns(): BankColumns
    {
        return new BankColumns('Booked', 'Amount', ['Name', 'Purpose'], 'Currency');
    }
}
