<?php

declare(strict_types=1);

namespace Tests\Feature\Parts;

use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\StockLot;
use App\Models\Parts\Supplier;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Parts, prices and stock as a table, in and out. */
final class PartTableTest extends TestCase
{
    use KeepsParts;

    private function send(string $path, string $table): TestResponse
    {
        return $this->post($path, ['file' => UploadedFile::fake()->createWithContent('parts.csv', $table)]);
    }

    /** @return list<string> */
    private function looked(string $table): array
    {
        $seen = $this->send('/stores/table/look', $table)->assertOk()->json();

        return $seen['problem'] === '' ? $seen['changes'] : [$seen['problem']];
    }

    public function test_a_table_is_looked_at_and_taken_whole(): void
    {
        $table = "part;kind;unit;drawer;stock;least;supplier;their number;price;days\ncloth wire;electronics;m;D6;24,5;10;the volt shop;V-1;1,20;6\ncloth wire;;;;;;the bolt yard;;1,10;9\n";
        $this->assertSame([
            'cloth wire: new, electronics, by the m; drawer “D6”; stock: 0 m becomes 24.5 m, the difference is booked; at least 10 m; new supplier the volt shop: 1.20, 6 days, number V-1',
            'cloth wire: new supplier the bolt yard: 1.10, 9 days',
        ], $this->looked($table));
        $this->assertSame(0, Part::query()->count(), 'looking changes nothing');
        $this->actingAs($this->maker);
        $this->send('/stores/table', $table)->assertForbidden();
        $this->actingAs($this->manager);
        $this->send('/stores/table', $table)->assertSessionHasNoErrors();
        $part = Part::query()->sole();
        $this->assertSame(['electronics', 'm', 'D6', 10_000], [$part->group->value, $part->unit, $part->place, $part->least]);
        $this->assertSame([24_500, 2_940], [(int) StockLot::query()->sum('left'), (int) StockLot::query()->sum('left_minor')], 'what turns up is worth what the line says that it costs');
        $this->assertEqualsCanonicalizing([120, 110], PartOffer::query()->pluck('cost_minor')->all());
        $this->assertSame(2, Supplier::query()->whereIn('name', ['the volt shop', 'the bolt yard'])->count());
        $this->assertSame(['The table says nothing that is not known already.'], $this->looked($table));
        $this->assertBooksAreRight();

        // What goes out comes in again and changes nothing.
        $out = (string) $this->get('/stores/parts.csv')->assertOk()->getContent();
        $this->assertStringContainsString("cloth wire,electronics,m,D6,24.5,10,the bolt yard,,1.10,9,\r\ncloth wire,electronics,m,D6,,10,the volt shop,V-1,1.20,6,\r\n", $out);
        $this->assertSame(['The table says nothing that is not known already.'], $this->looked($out));
        $this->assertSame(['cloth wire: stock: 24.5 m becomes 20 m, the difference is booked'], $this->looked("part,stock\ncloth wire,20\n"));
        $this->send('/stores/table', "part,stock\ncloth wire,20\n")->assertSessionHasNoErrors();
        $this->assertSame(20_000, (int) StockLot::query()->sum('left'));
        $this->assertBooksAreRight();
    }

    public function test_what_cannot_be_taken_is_named_by_line_and_nothing_of_it_is_taken(): void
    {
        $this->stocked($this->part(), 2, '20');
        $table = "part,kind,unit,stock,supplier,price\nnew one,electronics,piece,1,,\nsealed tuner,,set,,,\nunknown,,,1,,\nsealed tuner,,,,somebody,\n";
        $this->assertStringContainsString("Line 3: column unit: “sealed tuner” is counted by the piece, and some of it is in stock.\nLine 4: column kind is empty: “unknown” is not in the catalogue yet.\nLine 5: column price is empty: somebody does not sell “sealed tuner” yet.", $this->looked($table)[0]);
        $this->send('/stores/table', $table)->assertSessionHasErrors('file');
        $this->assertSame(['sealed tuner'], Part::query()->pluck('name')->all());
        $this->send('/stores/table', "Item,Qty\nx,1\n")->assertSessionHasErrors('file');
        $this->post('/stores/table', [])->assertSessionHasErrors('file');
        $this->assertStringContainsString('there are no halves of a piece', $this->looked("part,stock\nsealed tuner,1.5\n")[0]);
    }
}
