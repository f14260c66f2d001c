<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Stores\PartTable;
use Regimen\Parts\PartGroup;
use Regimen\Units\UnreadableFile;

final class PartTableTest extends TestCase
{
    /** The same table as three programs write it: commas, semicolons with decimal commas, tabs. Source: RFC 4180, and what spreadsheets make of it where the comma is the decimal mark. */
    public function test_commas_semicolons_and_decimal_commas_are_told_apart(): void
    {
        $tables = [
            "part,kind,unit,drawer,stock,least,supplier,their number,price,days,note\r\n\"wire, cloth\",electronics,m,D6,24.5,10,volt,V-1,1.20,6,\r\n",
            "Part;Kind;Unit;Drawer;Stock;Least;Supplier;Their number;Price, EUR;Days\r\nwire, cloth;electronics;m;D6;24,5;10;volt;V-1;1,20;6\r\n",
            "part\tkind\tunit\tdrawer\tstock\tleast\tsupplier\ttheir number\tprice\tdays\nwire, cloth\telectronics\tm\tD6\t24.5\t10\tvolt\tV-1\t€ 1.20\t6\n",
        ];
        foreach ($tables as $table) {
            $row = PartTable::read($table, 'EUR')[0];
            self::assertSame(['wire, cloth', PartGroup::Electronics, 'm', 'D6', 24_500, 10_000, 'volt', 'V-1', 120, 6], [
                $row->name, $row->group, $row->unit, $row->place, $row->stock, $row->least, $row->supplier, $row->number, $row->price?->minor, $row->days,
            ]);
        }
    }

    public function test_what_stands_in_no_cell_is_not_said(): void
    {
        $row = PartTable::read("part,stock\njack,0\n", 'EUR')[0];
        self::assertSame([0, null, null, null], [$row->stock, $row->least, $row->place, $row->price]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'another shop’s columns' => ["Item,Qty\nx,1\n", 'Line 1 can\'t be read: column “Item” is not known'];
        yield 'no part' => ["stock\n1\n", 'there is no column part'];
        yield 'twice the same column' => ["part,stock,stock\nx,1,1\n", 'stands there twice'];
        yield 'an empty name' => ["part,stock\n,1\n", 'Line 2: column part is empty.'];
        yield 'a total' => ["part,stock\nx,1\n,Total\n", 'Line 3: column part is empty; take lines with totals out.'];
        yield 'no number' => ["part,stock\nx,a few\n", 'Line 2: column stock: “a few”'];
        yield 'below zero' => ["part,stock\nx,-1\n", 'Line 2: column stock:'];
        yield 'half a piece' => ["part,unit,stock\nx,piece,1.5\n", 'Line 2: column stock: there are no halves of a piece.'];
        yield 'a timber' => ["part,kind\nx,neck timber\n", 'Line 2: column kind: “neck timber” is none of truss-rod'];
        yield 'a unit of two words' => ["part,unit\nx,per piece\n", 'Line 2: column unit: “per piece” is no unit'];
        yield 'another currency' => ["part,supplier,price\nx,y,12 USD\n", 'Line 2: column price: “12 USD” is in another currency'];
        yield 'a price of nobody' => ["part,price\nx,12\n", 'Line 2: column supplier is empty'];
        yield 'days that are none' => ["part,supplier,days\nx,y,soon\n", 'Line 2: column days: “soon” is no number of days'];
        yield 'two drawers' => ["part,drawer,supplier\nx,A1,a\nx,B2,b\n", 'Line 3: column drawer: line 2 says something else of “x”; a part lies in one drawer.'];
        yield 'twice the same' => ["part,supplier\nx,a\nx,a\n", 'Line 3: column part: “x” of a stands in line 2 already.'];
    }

    #[DataProvider('refused')]
    public function test_each_line_and_column_that_cannot_be_taken_is_named(string $table, string $says): void
    {
        try {
            PartTable::read($table, 'EUR');
            self::fail('It was taken.');
        } catch (UnreadableFile $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }
}
