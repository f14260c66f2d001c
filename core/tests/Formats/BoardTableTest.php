<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Boards\BoardRow;
use Regimen\Formats\Boards\BoardTable;
use Regimen\Units\UnreadableFile;

/** Boards out of tables as people and programs write them. */
final class BoardTableTest extends TestCase
{
    /** @return list<BoardRow> */
    private static function read(string $csv): array
    {
        return BoardTable::read($csv, 'EUR', new \DateTimeImmutable('2026-03-18'));
    }

    public function test_commas_and_semicolons_points_and_decimal_commas_millimetres_and_inches_are_told_apart(): void
    {
        $points = self::read("species,length,width,thickness,cost,weight,moisture\r\nRed alder,2310.5,285,52,1250.50,14.2,8.5\r\n")[0];
        $commas = self::read("species;length, mm;width;thickness (mm);cost;weight;moisture\nred alder;2310,5;285;52;1.250,50;14,2 kg;8,5 %\n")[0];
        $inches = self::read("species\tlength\twidth\tthickness\tcost\nred alder\t\"96\"\"\"\t11 1/4 in\t\"2 1/8\"\"\"\t99\n")[0];
        $this->assertEquals([$points->length, $points->cost, $points->grams, $points->moisture, $points->texts['species']], [$commas->length, $commas->cost, $commas->grams, $commas->moisture, $commas->texts['species']]);
        $this->assertEqualsWithDelta([2310.5, 14_200, 8.5, 125_050], [$points->length?->mm, $points->grams, $points->moisture, $points->cost?->minor], 1e-9);
        $this->assertEqualsWithDelta([2438.4, 285.75, 53.975], [$inches->length?->mm, $inches->width?->mm, $inches->thickness?->mm], 1e-9);
        $this->assertSame([14, 'rack B'], [($row = self::read("board,place\n14,rack B\n")[0])->number, $row->texts['place']]);
        $this->assertNull($row->length, 'what stands nowhere changes nothing');
    }

    /** @return array<string, array{string, string}> */
    public static function wrong(): array
    {
        $head = "species,length,width,thickness,cost,cut,bought on\n";

        return [
            'a title above' => ["Boards in the rack,,\nspecies,length,width,thickness,cost\nred alder,2000,200,50,9\n", 'title lines'],
            'a total below' => ["{$head}red alder,2000,200,50,9,,\nTotal,,,,9,,\n", 'Line 3: column length is empty; take lines with totals out'],
            'no cost' => ["{$head}red alder,2000,200,50,,,\n", 'Line 2: column cost is empty'],
            'thickness over width' => ["{$head}red alder,2000,50,200,9,,\n", 'column thickness: It is thicker'],
            'too small' => ["{$head}red alder,2000,5,2,9,,\n", 'column width'],
            'no timber' => ["{$head}plywood,2000,200,50,9,,\n", 'column species: “plywood”'],
            'no cut' => ["{$head}red alder,2000,200,50,9,peeled,\n", 'column cut'],
            'still to come' => ["{$head}red alder,2000,200,50,9,,2027-01-01\n", 'still to come'],
            'no number' => ["board,place\nfourteen,rack\n", 'column board'],
            'twice' => ["board,place\n14,rack\n14,loft\n", 'more than one line'],
            'a column twice' => ["board,place,place\n14,rack,loft\n", 'stands there twice'],
            'no size' => ["species,length\nred alder,2000\n", 'no column width, thickness, cost'],
            'wet' => ["{$head}red alder,2000,200,50,9,,\n", ''],
            'moisture' => ["species,length,width,thickness,cost,moisture\nred alder,2000,200,50,9,140\n", 'column moisture: “140”'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_what_cannot_be_taken_is_told_with_line_and_column(string $csv, string $says): void
    {
        if ($says === '') {
            $this->assertCount(1, self::read($csv), 'empty cells at the end of a line say nothing');

            return;
        }
        try {
            self::read($csv);
            $this->fail('it was taken');
        } catch (UnreadableFile $refused) {
            $this->assertStringContainsString($says, $refused->getMessage());
        }
    }
}
