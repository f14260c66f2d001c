<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Models\House\Shop;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Regimen\Formats\Json\SpecificationFile;
use Regimen\Route\Operations\FretboardOperation;

/**
 * One whole request for each action there is, as its page sends it: what they act on is read from the shop as it stands. Kinds
 * of changes that share an address have a line each.
 */
final class WholeRequests
{
    public const ADDED = [
        'kind' => 'add', 'name' => 'inlay the initials', 'stage' => 'fretboard', 'pieces' => ['fretboard'],
        'set_up' => '0:20', 'labour' => '3', 'hold' => '12 h', 'skill' => 'frets', 'station' => '', 'fixture' => '',
        'after' => [FretboardOperation::Taper->value], 'before' => [FretboardOperation::Glue->value], 'reason' => 'asked for',
    ];

    private const SPECIFICATION = [
        'type' => 'guitar', 'strings' => '6', 'hand' => 'right', 'scale' => '25 1/2"', 'frets' => '22', 'nutWidth' => '43', 'boardLength' => '',
        'joint' => 'bolt-on', 'body' => 'solid', 'neckTimber' => 'sugar maple', 'boardTimber' => 'Indian rosewood',
        'layers' => [['timber' => 'red alder', 'thickness' => '1 3/4"']], 'finish' => 'wiping-oil', 'colour' => '',
        'pickups' => [['place' => 'neck', 'kind' => 'humbucker'], ['place' => 'bridge', 'kind' => 'humbucker']],
        'electronics' => 'volume, tone', 'wishes' => 'lighter still',
    ];

    private const BOARDS = "species,length,width,thickness,cost\nred alder,2000,200,50,44\n";

    private const COMMISSION = [
        'purpose' => 'commission', 'client' => 'Clara Fennimore', 'price' => '4800', 'promised_on' => '31 Aug', 'specification' => self::SPECIFICATION,
    ];

    /** @return array<string, Whole> by method and address, and by kind where several share it */
    public static function all(): array
    {
        return [...self::work(), ...self::bench(), ...self::setbacks(), ...self::timber(), ...StoreRequests::all(), ...ClientRequests::all(), ...MoneyRequests::all(), ...JigRequests::all(), ...self::builds(), ...self::plan(), ...self::house(), ...self::people()];
    }

    /** @return array<string, Whole> */
    private static function work(): array
    {
        $joint = self::operation(1, 'body.joint');
        $begun = self::row('operations', ['build_id' => 1, 'state' => 'started']);
        $next = self::operation(1, 'fretboard.thickness');
        $done = self::operation(1, 'body.joint');
        $clock = DB::table('time_entries')->whereNull('minutes')->value('id');
        $entry = DB::table('time_entries')->whereNotNull('minutes')->value('id');
        $needed = self::row('kit_lines', ['build_id' => 1, 'state' => 'needed']);
        $ordered = self::row('kit_lines', ['build_id' => 1, 'state' => 'ordered']);
        $there = self::row('kit_lines', ['build_id' => 1, 'state' => 'arrived']);

        return [
            'POST operations/{operation}/clock' => new Whole("/operations/{$next->id}/clock", ['version' => $next->version]),
            'POST operations/{operation}/hours' => new Whole("/operations/{$begun->id}/hours", [
                'hours' => '1:30', 'worked_on' => '2026-03-17', 'person_id' => 2, 'version' => $begun->version, 'sure' => true,
            ]),
            'POST operations/{operation}/finish' => new Whole("/operations/{$next->id}/finish", ['version' => $next->version]),
            'POST operations/{operation}/end-hold' => new Whole("/operations/{$joint->id}/end-hold", ['version' => $joint->version, 'because' => 'dry by the sheet']),
            'POST operations/{operation}/reopen' => new Whole("/operations/{$done->id}/reopen", ['version' => $done->version, 'because' => 'a knot']),
            'POST operations/{operation}/wait' => new Whole("/operations/{$next->id}/wait", ['version' => $next->version, 'what' => 'the colour', 'until' => '2026-03-27']),
            'POST clocks/{entry}/stop' => new Whole("/clocks/{$clock}/stop", ['minutes' => ''], by: 2),
            'POST hours/{entry}/strike' => new Whole("/hours/{$entry}/strike", ['because' => 'on the other build']),
            'POST kit/{line}/order' => new Whole("/kit/{$needed->id}/order", ['version' => $needed->version, 'expected_on' => '2026-04-01', 'cost' => '12.50']),
            'POST kit/{line}/arrival' => new Whole("/kit/{$ordered->id}/arrival", ['version' => $ordered->version]),
            'POST parts/parcel' => new Whole('/parts/parcel', ['lines' => [$ordered->id => $ordered->version]]),
            'POST parts/orders' => new Whole('/parts/orders', ['lines' => [$needed->id => $needed->version], 'expected_on' => '2026-04-01']),
            'POST kit/{line}/use' => new Whole("/kit/{$there->id}/use", ['version' => $there->version, 'quantity' => '1']),
            'POST kit/{line}/write-off' => new Whole("/kit/{$there->id}/write-off", ['version' => $there->version, 'quantity' => '1', 'because' => 'it split']),
            'POST builds/{build}/measurements' => new Whole('/builds/1/measurements', ['part' => 'neck', 'field' => 'heelWidth', 'value' => '56', 'instrument' => 'caliper']),
        ];
    }

    /** @return array<string, Whole> */
    private static function bench(): array
    {
        $square = self::operation(1, 'neck.square');
        $next = self::operation(1, 'fretboard.thickness');
        $timber = self::operation(3, 'parts.timber');
        $accept = ['version' => $timber->version, 'kind' => 'accept', 'line' => 'moisture', 'because' => 'it rests here first'];
        $image = static fn (): array => ['photograph' => UploadedFile::fake()->image('bench.jpg', 60, 40)];

        return [
            'POST operations/{operation}/gate/readings' => new Whole("/operations/{$square->id}/gate/readings", ['line' => 'bow-and-twist', 'place' => 'bow', 'value' => '0.06']),
            'POST readings/{reading}/strike' => new Whole('/readings/'.DB::table('readings')->value('id').'/strike', ['because' => 'misread']),
            'POST operations/{operation}/gate/decide' => new Whole("/operations/{$timber->id}/gate/decide", $accept),
            'POST operations/{operation}/gate/decide (rework)' => new Whole("/operations/{$timber->id}/gate/decide", [
                ...$accept, 'kind' => 'rework', 'name' => 'let it rest', 'labour' => '0:10', 'hold' => '48 h',
            ]),
            'POST operations/{operation}/gate/close' => new Whole("/operations/{$square->id}/gate/close", ['version' => $square->version], by: 2),
            'POST operations/{operation}/gate/let-through' => new Whole("/operations/{$timber->id}/gate/let-through", ['version' => $timber->version, 'because' => 'it rests here first']),
            'POST operations/{operation}/gate/from-set-up' => new Whole("/operations/{$square->id}/gate/from-set-up", ['settled' => false], fails: 'not measured at this gate'),
            'POST operations/{operation}/caliper' => new Whole("/operations/{$square->id}/caliper", ['key' => 'read', 'line' => 'bow-and-twist'], writes: false),
            'POST operations/{operation}/done' => new Whole("/operations/{$next->id}/done", ['version' => $next->version]),
            'POST operations/{operation}/wrong' => new Whole("/operations/{$square->id}/wrong", ['text' => 'the blank is split', 'mishap' => 'crack']),
            'POST operations/{operation}/note' => new Whole("/operations/{$next->id}/note", ['text' => 'a fine piece']),
            'POST operations/{operation}/photographs' => new Whole("/operations/{$next->id}/photographs", ['caption' => 'the grain'], $image()),
            'POST operations/{operation}/instruction' => new Whole("/operations/{$next->id}/instruction", ['text' => 'Fence at 6.', 'seen' => 0], $image()),
            'POST operations/{operation}/ticks' => new Whole("/operations/{$next->id}/ticks", ['list' => 'closing', 'item' => 'x', 'ticked' => true], fails: 'not on the list'),
            'POST bench/away' => new Whole('/bench/away', ['reason' => 'customer', 'note' => '', 'minutes' => ''], by: 2),
            'POST bench/presses' => new Whole('/bench/presses', ['presses' => [
                ['uuid' => '7d0c5a4e-6f0b-4a52-9f4c-3f1f0d3c8a01', 'kind' => 'stop', 'at' => '2026-03-18T09:12:00+01:00', 'operation' => null, 'said' => []],
                ['uuid' => '7d0c5a4e-6f0b-4a52-9f4c-3f1f0d3c8a02', 'kind' => 'note', 'at' => '2026-03-18T09:12:30+01:00', 'operation' => (int) $next->id, 'said' => ['text' => 'later']],
            ]], by: 2),
            'POST bench/names/presses' => new Whole('/bench/names/presses', ['person' => 2, 'code' => '2468', 'presses' => [
                ['uuid' => '7d0c5a4e-6f0b-4a52-9f4c-3f1f0d3c8a03', 'kind' => 'stop', 'at' => '2026-03-18T09:12:00+01:00'],
            ]], by: 0, fails: 'no shared tablet'),
            'POST bench/day' => new Whole('/bench/day', ['day' => '2026-03-17', 'line' => '40 min customer, rest errands'], by: 2),
            'POST bench/gentle' => new Whole('/bench/gentle', ['gentle' => true], by: 2),
            'POST bench/seen' => new Whole('/bench/seen', [], by: 2),
            'POST bench/leave' => new Whole('/bench/leave', [], by: 2),
            'POST bench/names' => new Whole('/bench/names', ['person' => 2, 'code' => '2468'], by: 0, fails: 'no shared tablet'),
            'POST bench/tablets' => new Whole('/bench/tablets', ['name' => 'at the neck bench']),
            'DELETE bench/tablets/{device}' => new Whole('/bench/tablets/'.DB::table('bench_devices')->value('id'), []),
            'PUT account/bench-code' => new Whole('/account/bench-code', ['bench_code' => '2468']),
            'PUT people/{person}/bench-code' => new Whole('/people/2/bench-code', ['bench_code' => '2468']),
            'POST builds/{build}/set-up/readings' => new Whole('/builds/1/set-up/readings', ['step' => 'nut', 'values' => ['0.4'], 'settled' => false]),
            'POST builds/{build}/set-up/frets' => new Whole('/builds/1/set-up/frets', ['heights' => implode(' ', array_fill(0, 22, '0.01'))]),
            'POST builds/{build}/set-up/readings/{reading}/undo' => new Whole('/builds/1/set-up/readings/'.DB::table('set_up_readings')->value('id').'/undo', []),
        ];
    }

    /** @return array<string, Whole> */
    private static function setbacks(): array
    {
        $open = self::row('setbacks', ['state' => 'open']);
        $at = ['version' => $open->version];
        $piece = self::row('pieces', ['state' => 'stock']);
        $photograph = self::row('photographs', ['build_id' => 1]);

        return [
            'POST builds/{build}/setbacks' => new Whole('/builds/1/setbacks', ['text' => 'a shake in the blank', 'piece' => 'neck', 'mishap' => 'crack']),
            'POST setbacks/{setback}/try' => new Whole("/setbacks/{$open->id}/try", ['do' => 'keep'], writes: false),
            'POST setbacks/{setback}/decide' => new Whole("/setbacks/{$open->id}/decide", [...$at, 'do' => 'keep', 'because' => 'it lies under the board']),
            'POST setbacks/{setback}/decide (mend)' => new Whole("/setbacks/{$open->id}/decide", [...$at, 'do' => 'mend', 'name' => 'glue a strip on', 'labour' => '0:40', 'hold' => '12 h']),
            'POST setbacks/{setback}/withdraw' => new Whole("/setbacks/{$open->id}/withdraw", [...$at, 'because' => 'looked twice']),
            'POST setbacks/{setback}/later' => new Whole("/setbacks/{$open->id}/later", ['until' => '2026-03-27']),
            'PUT setbacks/{setback}/say' => new Whole("/setbacks/{$open->id}/say", [...$at, 'piece' => 'neck', 'cause' => 'timber']),
            'PUT pieces/{piece}' => new Whole("/pieces/{$piece->id}", ['version' => $piece->version, 'because' => 'it warped']),
            'PUT photographs/{photograph}' => new Whole("/photographs/{$photograph->id}", ['version' => $photograph->version, 'client' => true]),
            'POST logbook/{entry}/correct' => new Whole('/logbook/'.DB::table('log_entries')->value('id').'/correct', ['text' => 'it was the other build']),
        ];
    }

    /** @return array<string, Whole> */
    private static function timber(): array
    {
        $board = self::row('boards', ['species' => 'red alder']);
        $whole = DB::table('boards')->whereNull('lot_id')->whereNull('gone_at')->orderByDesc('id')->first() ?? throw new \LogicException('There is no board.');
        $reading = DB::table('board_readings')->value('id');
        $defect = DB::table('board_defects')->value('id');

        return [
            'POST timber/boards' => new Whole('/timber/boards', ['species' => 'black walnut', 'length' => '2310', 'width' => '285', 'thickness' => '52', 'cost' => '214', 'cut' => 'flat-sawn', 'moisture' => '11.2', 'weight' => '24.6']),
            'POST timber/{board}/readings' => new Whole("/timber/{$board->id}/readings", ['moisture' => '9.4', 'weight' => '']),
            'DELETE timber/readings/{reading}' => new Whole("/timber/readings/{$reading}", []),
            'POST timber/{board}/defects' => new Whole("/timber/{$board->id}/defects", ['kind' => 'split', 'from' => '0', 'across' => '10', 'long' => '90', 'wide' => '12']),
            'DELETE timber/defects/{defect}' => new Whole("/timber/defects/{$defect}", []),
            'POST timber/cutting/cut' => new Whole('/timber/cutting/cut', [
                'boards' => [$whole->id], 'needs' => ['2:body.0'], 'at' => ["2:body.0|{$whole->id}|25|0|along", "2:body.0|{$whole->id}|25|180|along"], 'versions' => [$whole->id => $whole->version],
            ]),
            'POST timber/cutting/longer' => new Whole('/timber/cutting/longer', ['boards' => [$whole->id]], writes: false),
            'POST timber/blanks/{blank}/free' => new Whole('/timber/blanks/1/free', []),
            'POST timber/blanks/{blank}/readings' => new Whole('/timber/blanks/1/readings', ['moisture' => '9.1']),
            'POST timber/{board}/photographs' => new Whole("/timber/{$board->id}/photographs", ['caption' => 'wetted'], ['photograph' => UploadedFile::fake()->image('board.jpg', 60, 40)]),
            'PUT timber/{board}/known' => new Whole("/timber/{$board->id}/known", ['version' => $board->version, 'place' => 'loft']),
            'PUT timber/papers/{build}' => new Whole('/timber/papers/1', ['version' => DB::table('builds')->where('number', 1)->value('version'), 'papers' => 'permit 3']),
            'POST timber/table' => new Whole('/timber/table', [], ['file' => UploadedFile::fake()->createWithContent('boards.csv', self::BOARDS)]),
            'POST timber/table/look' => new Whole('/timber/table/look', [], ['file' => UploadedFile::fake()->createWithContent('boards.csv', self::BOARDS)], writes: false),
            'POST timber/{board}/gone' => new Whole("/timber/{$board->id}/gone", ['version' => $board->version, 'because' => 'sold to a turner']),
        ];
    }

    /** @return array<string, Whole> */
    private static function builds(): array
    {
        $draft = (int) DB::table('specification_revisions')->where('build_id', 2)->value('version');
        $begun = (int) DB::table('specification_revisions')->where('build_id', 3)->whereNull('released_at')->value('version');
        $build = self::row('builds', ['number' => 4]);
        $taken = self::row('builds', ['number' => 2]);
        $route = ['version' => $build->route_version];
        $pattern = DB::table('route_patterns')->value('id');
        $change = DB::table('route_changes')->where('build_id', $build->id)->value('id');
        $file = static fn (string $name, string $text): array => ['file' => UploadedFile::fake()->createWithContent($name, $text)];
        $written = json_encode(['format' => SpecificationFile::FORMAT, 'client' => ['type' => 'guitar', 'scale' => '630'], 'house' => (object) []], JSON_THROW_ON_ERROR);

        return [
            'POST commissions' => new Whole('/commissions', self::COMMISSION),
            'POST commissions/forecast' => new Whole('/commissions/forecast', ['specification' => self::SPECIFICATION, 'promised_on' => '2026-08-31'], writes: false),
            'POST commissions/second' => new Whole('/commissions/second', ['specification' => self::SPECIFICATION], writes: false),
            'POST taking-in' => new Whole('/taking-in', ['number' => '27', ...self::COMMISSION]),
            'POST builds/{build}/taking-in' => new Whole('/builds/2/taking-in', ['version' => $taken->version, 'worker_id' => 1, 'hours' => []]),
            'POST finished' => new Whole('/finished', ['columns' => ['number', 'name', 'finished'], 'day_first' => '1'], $file('finished.csv', "No;Instrument;Finished\n71;Harbour;12.3.2025\n")),
            'POST finished/look' => new Whole('/finished/look', ['columns' => [], 'day_first' => '1'], $file('finished.csv', "No;Instrument;Finished\n71;Harbour;12.3.2025\n"), writes: false),
            'POST builds/{build}/specification/work-out' => new Whole('/builds/2/specification/work-out', ['specification' => self::SPECIFICATION], writes: false),
            'PUT builds/{build}/specification' => new Whole('/builds/2/specification', ['version' => $draft, 'specification' => self::SPECIFICATION]),
            'POST builds/{build}/specification/release' => new Whole('/builds/2/specification/release', ['version' => $draft]),
            'POST builds/{build}/specification/accept' => new Whole('/builds/2/specification/accept', ['version' => $draft, 'key' => 'protected', 'reason' => 'As agreed.']),
            'POST builds/{build}/specification/import/look' => new Whole('/builds/2/specification/import/look', ['version' => $draft], $file('a.json', $written), writes: false),
            'POST builds/{build}/specification/import' => new Whole('/builds/2/specification/import', ['version' => $draft], $file('a.json', $written)),
            'POST builds/{build}/revisions' => new Whole('/builds/4/revisions', []),
            'DELETE builds/{build}/revisions' => new Whole('/builds/3/revisions', ['version' => $begun]),
            'POST builds/{build}/route/try' => new Whole('/builds/4/route/try', [...self::ADDED, ...$route, 'name' => 'another'], writes: false),
            'POST builds/{build}/route/changes' => new Whole('/builds/4/route/changes', [...self::ADDED, ...$route, 'name' => 'cut the initials']),
            'DELETE builds/{build}/route/changes/{change}' => new Whole("/builds/4/route/changes/{$change}", $route),
            'POST builds/{build}/route/method' => new Whole('/builds/4/route/method', [...$route, 'key' => 'joint-glue', 'answer' => 'hide-glue']),
            'POST builds/{build}/route/reset' => new Whole('/builds/4/route/reset', $route),
            'POST builds/{build}/route/derive' => new Whole('/builds/4/route/derive', $route),
            'POST builds/{build}/route/patterns' => new Whole('/builds/4/route/patterns', ['name' => 'with initials']),
            'POST builds/{build}/route/patterns/{pattern}' => new Whole("/builds/4/route/patterns/{$pattern}", $route),
            'DELETE house/patterns/{pattern}' => new Whole("/house/patterns/{$pattern}", []),
            'POST builds/{build}/promise' => new Whole('/builds/4/promise', ['version' => $build->version, 'promised_on' => '2026-06-05', 'because' => 'asked for']),
            'POST builds/{build}/call-off' => new Whole('/builds/4/call-off', ['version' => $build->version, 'call_off_because' => 'moved away']),
        ];
    }

    /** @return array<string, Whole> */
    private static function plan(): array
    {
        $seen = (int) DB::table('plan_changes')->max('id');
        $pinned = self::operation(4, 'design.draw');
        $offer = DB::table('plan_offers')->where('state', 'open')->value('id');
        $scenario = self::row('scenarios', []);
        $within = json_decode((string) $scenario->changes, true, 16, JSON_THROW_ON_ERROR)[0]['id'];
        $change = static fn (array $body): Whole => new Whole('/plan/changes', ['changes' => [$body], 'seen' => $seen]);
        $push = ['kind' => 'push', 'build' => 4, 'days' => 3];
        $weights = ['version' => Shop::current()->version, ...array_map(strval(...), self::weights())];

        return [
            'POST plan/changes' => $change($push),
            'POST plan/changes (pin)' => $change(['kind' => 'pin', 'operation' => $pinned->id, 'person' => 2, 'day' => '2026-03-20', 'after' => null]),
            'POST plan/changes (hold)' => $change(['kind' => 'hold', 'build' => 4, 'until' => '2026-04-20', 'because' => 'the client is abroad']),
            'POST plan/changes (rows)' => $change(['kind' => 'rows', 'table' => 'closed_days', 'remove' => [DB::table('closed_days')->value('id')]]),
            'POST plan/changes/{change}/undo' => new Whole("/plan/changes/{$seen}/undo", []),
            'POST plan/judge' => new Whole('/plan/judge', ['changes' => [$push]], writes: false),
            'PUT plan/weights' => new Whole('/plan/weights', [...$weights, 'immovable' => 40]),
            'POST plan/help' => new Whole('/plan/help', []),
            'POST plan/chances' => new Whole('/plan/chances', []),
            'POST plan/chances/raise' => new Whole('/plan/chances/raise', []),
            'POST forecasts/replay' => new Whole('/forecasts/replay', [], writes: false),
            'PUT builds/{build}/budget' => new Whole('/builds/1/budget', ['version' => DB::table('builds')->where('number', 1)->value('version'), 'budget' => '70 h', 'money' => '2100']),
            'POST letter' => new Whole('/letter', []),
            'POST plan/try' => new Whole('/plan/try', ['name' => 'Without the fair']),
            'POST plan/try/with' => new Whole('/plan/try/with', ['name' => 'Later', 'changes' => [$push]]),
            'POST plan/try/{scenario}/changes' => new Whole("/plan/try/{$scenario->id}/changes", ['changes' => [['kind' => 'push', 'build' => 3, 'days' => 5]]]),
            'DELETE plan/try/{scenario}/changes/{change}' => new Whole("/plan/try/{$scenario->id}/changes/{$within}", []),
            'POST plan/try/{scenario}/apply' => new Whole("/plan/try/{$scenario->id}/apply", ['version' => $scenario->version]),
            'DELETE plan/try/{scenario}' => new Whole("/plan/try/{$scenario->id}", []),
            'POST plan/look' => new Whole('/plan/look', []),
            'POST plan/offers/{offer}/take' => new Whole("/plan/offers/{$offer}/take", []),
            'POST plan/offers/{offer}/leave' => new Whole("/plan/offers/{$offer}/leave", []),
            'POST plan/feeds' => new Whole('/plan/feeds', ['what' => 'shop']),
            'DELETE plan/feeds/{feed}' => new Whole('/plan/feeds/'.DB::table('feeds')->value('id'), []),
            'POST plan/calendar/import/look' => new Whole('/plan/calendar/import/look', [], self::holidays(), writes: false),
            'POST plan/calendar/import' => new Whole('/plan/calendar/import', [], self::holidays()),
            'POST days' => new Whole('/days', ['typed' => 'next Fri'], writes: false),
        ];
    }

    /** @return array<string, Whole> */
    private static function house(): array
    {
        $shop = Shop::current()->version;
        $standard = self::row('operation_standards', ['key' => 'body.joint']);
        $id = static fn (string $table): mixed => DB::table($table)->value('id');
        $file = ['file' => UploadedFile::fake()->createWithContent('air.csv', "2026-03-17 09:00,19.5,48\n")];

        return [
            'PUT house' => new Whole('/house', [
                'version' => $shop, 'name' => 'The shop', 'timezone' => 'Europe/Berlin', 'labour_rate' => '50', 'overhead_percent' => '10',
                'margin_percent' => '20', 'deposit_percent' => '40', 'risk_days' => '3', 'hours' => [1 => '8-12', 2 => '8-12', 3 => '8-12, 13-17', 4 => '', 5 => '', 6 => '', 7 => ''],
            ]),
            'PUT house/second-factor' => new Whole('/house/second-factor', ['needed' => false]),
            'PUT house/health' => new Whole('/house/health', ['version' => $shop, 'folder' => '', 'sealed' => false]),
            'POST house/health/copy' => new Whole('/house/health/copy', []),
            'PUT house/standards/{standard}' => new Whole("/house/standards/{$standard->id}", [
                'version' => $standard->version, 'set_up' => '0:20', 'best' => '0:45', 'labour' => '1', 'worst' => '2', 'hold' => '36 h', 'skill' => 'bodies', 'fixtures' => '1', 'alone' => '0',
            ]),
            'POST house/standards/{standard}/learn' => new Whole("/house/standards/{$standard->id}/learn", ['version' => $standard->version], fails: 'not enough recorded hours'),
            'PUT house/finishes/{finish}' => new Whole('/house/finishes/'.$id('finish_standards'), [
                'version' => 1, 'body_coats' => 3, 'neck_coats' => 3, 'coats_a_day' => 2, 'after_first' => '12 h', 'between_coats' => '6 h',
                'overnight' => '14 h', 'cure' => '5 d', 'because' => 'by the data sheet of our lacquer',
            ]),
            'PUT house/resources/{resource}' => new Whole('/house/resources/'.$id('resources'), ['version' => 1, 'capacity' => '2']),
            'PUT house/prices/{price}' => new Whole('/house/prices/'.$id('prices'), ['version' => 1, 'cost' => '15', 'lead_days' => 8, 'supplier' => 'yard']),
            'POST house/closed-days' => new Whole('/house/closed-days', ['date' => '2026-04-03', 'note' => 'holiday']),
            'DELETE house/closed-days/{closedDay}' => new Whole('/house/closed-days/'.$id('closed_days'), []),
            'PUT house/methods' => new Whole('/house/methods', ['version' => $shop, 'key' => 'tool:'.FretboardOperation::Radius->value, 'answer' => 'template']),
            'PUT house/rules' => new Whole('/house/rules', ['version' => $shop, 'coldest' => '16', 'dampest' => '65']),
            'POST house/models' => new Whole('/house/models', ['name' => 'Other scale', 'specification' => ['scale' => '25"']]),
            'PUT house/models/{model}' => new Whole('/house/models/'.$id('house_models'), ['version' => 1, 'name' => 'Plain', 'specification' => ['scale' => '628']]),
            'POST house/models/work-out' => new Whole('/house/models/work-out', ['specification' => ['scale' => '628']], writes: false),
            'POST climate' => new Whole('/climate', ['temperature' => '21', 'humidity' => '47']),
            'POST climate/sensor' => new Whole('/climate/sensor', []),
            'POST climate/import' => new Whole('/climate/import', [], $file),
        ];
    }

    /** @return array<string, Whole> */
    private static function people(): array
    {
        $maker = self::row('people', ['id' => 2]);
        $person = [
            'name' => 'Maren', 'email' => 'maren@example.org', 'password' => 'long enough by far', 'role' => 'maker', 'skills' => ['finish'],
            'rate' => '44', 'active' => true, 'own_hours' => false,
        ];

        return [
            'POST sign-in' => new Whole('/sign-in', ['email' => 'ines@example.org', 'password' => 'a long password'], by: 0),
            'POST sign-in/second' => new Whole('/sign-in/second', ['code' => '123456'], by: 0, fails: 'Sign in again'),
            'POST new-shop' => new Whole('/new-shop', [
                'shop' => 'Another', 'currency' => 'EUR', 'timezone' => 'Europe/Berlin', 'name' => 'Jo', 'email' => 'jo@example.org', 'password' => 'long enough by far',
            ], by: 0, fails: 'has a manager already'),
            'POST new-password/{token}' => new Whole('/new-password/'.str_repeat('a', 40), ['password' => 'long enough by far'], by: 0, fails: 'used already'),
            'POST sign-out' => new Whole('/sign-out', []),
            'PUT account/password' => new Whole('/account/password', ['current' => 'a long password', 'password' => 'another long one']),
            'POST account/second-factor' => new Whole('/account/second-factor', ['secret' => str_repeat('A', 32), 'code' => '000000'], fails: 'not the code'),
            'DELETE account/second-factor' => new Whole('/account/second-factor', ['off_password' => 'a long password']),
            'DELETE account/sign-ins' => new Whole('/account/sign-ins', []),
            'DELETE account/sign-ins/{signIn}' => new Whole('/account/sign-ins/'.DB::table('sign_ins')->value('id'), []),
            'POST people' => new Whole('/people', $person),
            'PUT people/{person}' => new Whole('/people/2', [
                ...$person, 'name' => 'Tobias', 'email' => 'tobias@example.org', 'password' => '', 'version' => $maker->version, 'skills' => ['bodies', 'necks', 'finish'],
            ]),
            'POST people/{person}/days-off' => new Whole('/people/2/days-off', ['date' => '2026-03-27', 'note' => '']),
            'DELETE days-off/{dayOff}' => new Whole('/days-off/'.DB::table('days_off')->value('id'), []),
            'POST people/{person}/password-link' => new Whole('/people/2/password-link', []),
            'DELETE people/{person}/second-factor' => new Whole('/people/2/second-factor', []),
        ];
    }

    /** @return array<string, UploadedFile> */
    private static function holidays(): array
    {
        return ['file' => UploadedFile::fake()->createWithContent(
            'days.ics', "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a@example.org\r\nSUMMARY:Holiday\r\nDTSTART;VALUE=DATE:20260501\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
        )];
    }

    /** @return array<string, int> */
    private static function weights(): array
    {
        return ['promised' => 10, 'wished' => 3, 'inTheShop' => 1, 'setUps' => 1, 'moved' => 1, 'late' => 100, 'frozenMinutes' => 240];
    }

    private static function operation(int $build, string $key): \stdClass
    {
        return self::row('operations', ['build_id' => $build, 'key' => $key]);
    }

    /** @param  array<string, mixed>  $where */
    private static function row(string $table, array $where): \stdClass
    {
        return DB::table($table)->where($where)->orderBy('id')->first() ?? throw new \RuntimeException("{$table}: ".json_encode($where));
    }
}
