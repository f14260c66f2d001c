<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use Closure;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\PreparationOperation;

/** What is done with parts, stock and orders, and a store in which it can be done. */
final class StoreRequests
{
    private const TABLE = "part,kind,unit,stock,supplier,price\nnut blank,nut,piece,4,the bolt yard,6\n";

    /** @param  Closure(string, string, array<string, mixed>): void  $must */
    public static function fill(Closure $must): void
    {
        $must('post', '/stores/suppliers', ['name' => 'the bolt yard', 'email' => 'bolts@example.org']);
        $yard = (int) DB::table('suppliers')->where('name', 'the bolt yard')->value('id');
        $must('post', '/stores/catalogue', ['name' => 'sealed tuner', 'group' => 'tuners', 'unit' => 'piece', 'place' => 'A1']);
        $must('post', '/stores/catalogue', ['name' => 'strings 10–46', 'group' => 'strings', 'unit' => 'set', 'by_use' => '0']);
        $must('post', '/stores/parts/1/offers', ['supplier' => $yard, 'cost' => '12', 'lead_days' => 6]);
        $must('post', '/stores/orders', ['supplier' => $yard, 'expected_on' => '2026-03-24', 'lines' => [['part' => 1, 'quantity' => '8', 'cost' => '96'], ['part' => 2, 'quantity' => '4', 'cost' => '34']]]);
        $must('post', '/stores/orders/1/parcel', ['version' => 1, 'lines' => [1 => ['came' => '8', 'wrong' => '2', 'because' => 'bent'], 2 => ['came' => '4']]]);
        $bridge = DB::table('kit_lines')->where('build_id', 2)->where('name', 'bridge')->first() ?? throw new \LogicException('No bridge.');
        $must('post', '/stores/orders', ['supplier' => $yard, 'expected_on' => '2026-03-24', 'lines' => [
            ['line' => $bridge->id, 'version' => $bridge->version, 'quantity' => '1', 'cost' => '85'], ['part' => 1, 'quantity' => '4', 'cost' => '48'],
        ]]);
        $must('post', '/stores/table', ['file' => UploadedFile::fake()->createWithContent('parts.csv', "part,kind,unit\nbrass nut,nut,piece\n")]);
        // Out of stock, so that it can go back.
        $line = DB::table('kit_lines')->where('build_id', 3)->where('name', 'set of guitar strings')->first() ?? throw new \LogicException('No strings.');
        DB::table('kit_lines')->where('id', $line->id)->update(['state' => 'needed']);
        $must('post', "/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => 2, 'quantity' => '1']);
        $must('post', '/chores/new', ['name' => 'empty the dust filter', 'person' => 2, 'every_days' => 7, 'takes' => '0:30', 'due_on' => '2026-03-20']);
        foreach ([PreparationOperation::Agree, PreparationOperation::MakeTemplates] as $operation) {
            $must('post', '/stores/away/work', [
                'build' => 4, 'version' => DB::table('builds')->where('number', 4)->value('route_version'), 'operation' => $operation->value, 'supplier' => $yard, 'what' => $operation->value, 'lead_days' => '3', 'cost' => '20',
            ]);
        }
        // The second one is away.
        DB::table('sent_works')->where('id', 2)->update(['dispatched_on' => '2026-03-17', 'expected_on' => '2026-03-20', 'version' => 2]);
        DB::table('operations')->where('id', DB::table('sent_works')->where('id', 2)->value('operation_id'))->update([
            'state' => 'holding', 'is_away' => true, 'started_at' => '2026-03-17 08:00:00', 'labour_done_at' => '2026-03-17 08:20:00', 'hold_until' => '2026-03-20 22:59:00',
        ]);
    }

    /** @return array<string, Whole> */
    public static function all(): array
    {
        $row = static fn (string $table, array $where): object => DB::table($table)->where($where)->orderBy('id')->first() ?? throw new \LogicException("Nothing in {$table}.");
        $yard = (int) DB::table('suppliers')->where('name', 'the bolt yard')->value('id');
        $part = $row('parts', ['name' => 'sealed tuner']);
        $lot = $row('stock_lots', ['wrong' => '', 'part_id' => $part->id]);
        $strings = $row('stock_lots', ['part_id' => 2]);
        $wrong = $row('stock_lots', ['wrong' => 'bent']);
        $order = $row('part_orders', ['id' => 2]);
        $lines = DB::table('part_order_lines')->where('part_order_id', 2)->orderBy('id')->pluck('id')->all();
        $tuner = $row('kit_lines', ['build_id' => 2, 'name' => 'tuner']);
        $there = $row('kit_lines', ['build_id' => 1, 'name' => 'bridge']);
        $fromStock = $row('kit_lines', ['build_id' => 3, 'name' => 'set of guitar strings']);
        $pickup = $row('kit_lines', ['build_id' => 2, 'name' => 'pickup']);
        $known = ['name' => 'sealed tuner', 'group' => 'tuners', 'unit' => 'piece', 'place' => 'A1', 'version' => $part->version];
        $last = DB::table('stock_movements')->max('id');

        return [
            'POST stores/catalogue' => new Whole('/stores/catalogue', ['name' => 'bone nut', 'group' => 'nut', 'unit' => 'piece', 'least' => '4']),
            'PUT stores/parts/{part}/known' => new Whole("/stores/parts/{$part->id}/known", [...$known, 'least' => '6', 'alternatives' => []]),
            'POST stores/parts/{part}/gone' => new Whole('/stores/parts/3/gone', ['version' => 1]),
            'POST stores/parts/{part}/offers' => new Whole("/stores/parts/{$part->id}/offers", ['supplier' => $yard, 'cost' => '13', 'lead_days' => 7, 'number' => 'B-7']),
            'DELETE stores/offers/{offer}' => new Whole('/stores/offers/'.DB::table('part_offers')->value('id'), []),
            'POST stores/parts/{part}/figures' => new Whole("/stores/parts/{$part->id}/figures", ['field' => 'tunerHole', 'kind' => 'measured', 'value' => '9.9']),
            'POST stores/parts/{part}/use' => new Whole("/stores/parts/{$part->id}/use", ['quantity' => '1', 'build' => 1]),
            'POST stores/count' => new Whole('/stores/count', ['counted' => [$part->id => '5'], 'seen' => [$part->id => $last]]),
            'POST stores/lots/{lot}/open' => new Whole("/stores/lots/{$strings->id}/open", ['opened_on' => '2026-03-18', 'best_before' => '2026-09-01']),
            'POST stores/lots/{lot}/throw-away' => new Whole("/stores/lots/{$lot->id}/throw-away", ['quantity' => '1', 'because' => 'stripped']),
            'POST stores/suppliers' => new Whole('/stores/suppliers', ['name' => 'the volt shop', 'email' => 'v@example.org', 'freight' => '4.90']),
            'PUT stores/suppliers/{supplier}' => new Whole("/stores/suppliers/{$yard}", ['name' => 'the bolt yard, moved', 'address' => 'Row 4', 'version' => 1]),
            'POST stores/orders' => new Whole('/stores/orders', ['supplier' => $yard, 'expected_on' => '2026-03-26', 'lines' => [['line' => $pickup->id, 'version' => $pickup->version, 'quantity' => '2', 'cost' => '190']]]),
            'POST stores/orders/{order}/parcel' => new Whole("/stores/orders/{$order->id}/parcel", ['version' => $order->version, 'freight' => '6.90', 'lines' => [$lines[0] => ['came' => '1'], $lines[1] => ['came' => '3', 'wrong' => '1', 'because' => 'bent']]]),
            'POST stores/orders/{order}/mail' => new Whole("/stores/orders/{$order->id}/mail", ['version' => $order->version]),
            'PUT stores/orders/{order}/expected' => new Whole("/stores/orders/{$order->id}/expected", ['version' => $order->version, 'expected_on' => '2026-03-30']),
            'POST stores/orders/{order}/call-off' => new Whole("/stores/orders/{$order->id}/call-off", ['version' => $order->version, 'because' => 'too dear']),
            'POST stores/wrong/{lot}/as-it-is' => new Whole("/stores/wrong/{$wrong->id}/as-it-is", ['because' => 'straightened']),
            'POST stores/wrong/{lot}/fit' => new Whole("/stores/wrong/{$wrong->id}/fit", ['line' => $tuner->id, 'version' => $tuner->version, 'quantity' => '2']),
            'POST stores/wrong/{lot}/send-back' => new Whole("/stores/wrong/{$wrong->id}/send-back", ['quantity' => '2', 'because' => 'bent', 'refund' => '24']),
            'POST kit/{line}/from-stock' => new Whole("/kit/{$tuner->id}/from-stock", ['version' => $tuner->version, 'part' => $part->id, 'quantity' => '4']),
            'POST kit/{line}/wrong' => new Whole("/kit/{$there->id}/wrong", ['version' => $there->version, 'quantity' => '1', 'because' => 'too narrow']),
            'POST kit/{line}/back' => new Whole("/kit/{$fromStock->id}/back", ['version' => $fromStock->version]),
            'POST stores/table' => new Whole('/stores/table', [], ['file' => UploadedFile::fake()->createWithContent('parts.csv', self::TABLE)]),
            'POST stores/table/look' => new Whole('/stores/table/look', [], ['file' => UploadedFile::fake()->createWithContent('parts.csv', self::TABLE)], writes: false),
            'POST chores/new' => new Whole('/chores/new', ['name' => 'sharpen the plane irons', 'person' => 2, 'every_days' => 14, 'takes' => '1:00', 'due_on' => '2026-03-23']),
            'POST chores/{chore}/done' => new Whole('/chores/1/done', ['version' => 1]),
            'POST chores/{chore}/end' => new Whole('/chores/1/end', ['version' => 1]),
            'POST stores/labels/print' => new Whole('/stores/labels/print', ['labels' => ['drawer A1']], writes: false),
            'POST stores/away/work' => new Whole('/stores/away/work', [
                'build' => 4, 'version' => DB::table('builds')->where('number', 4)->value('route_version'), 'operation' => PreparationOperation::MeasureParts->value, 'supplier' => $yard, 'what' => 'parts measured', 'lead_days' => '4', 'cost' => '35',
            ]),
            'POST stores/away/{work}/dispatch' => new Whole('/stores/away/1/dispatch', ['version' => 1]),
            'POST stores/away/{work}/back' => new Whole('/stores/away/2/back', ['version' => 2, 'checked' => 'as drawn']),
            'PUT stores/away/{work}/expected' => new Whole('/stores/away/2/expected', ['version' => 2, 'expected_on' => '2026-03-27']),
            'POST stores/away/{work}/call-off' => new Whole('/stores/away/1/call-off', ['version' => 1]),
        ];
    }
}
