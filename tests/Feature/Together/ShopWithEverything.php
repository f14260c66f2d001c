<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Plan\PlanOffer;
use App\Planning\Plan\BetterPlan;
use App\Planning\Plan\Planner;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PDO;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;

/** A shop in a file in which each action has something to act on, and copies of it to act in. */
trait ShopWithEverything
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/regimen-together-'.bin2hex(random_bytes(6));
        mkdir($this->folder, 0700);
        touch($this->template());
        $this->at('2026-03-16 08:00');
        $this->connect($this->template());
        $this->artisan('migrate');
        $this->openShop();
        $this->fill();
        DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        DB::statement('VACUUM');
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    private function template(): string
    {
        return "{$this->folder}/template.sqlite";
    }

    private function connect(string $file): void
    {
        DB::purge('sqlite');
        config(['database.connections.sqlite.database' => $file]);
        app()->forgetScopedInstances();
    }

    /** A copy that nobody in this process has opened. */
    private function copy(): string
    {
        $file = "{$this->folder}/".bin2hex(random_bytes(6)).'.sqlite';
        copy($this->template(), $file);

        return $file;
    }

    private function fill(): void
    {
        $this->actingAs($this->manager);
        $inWork = $this->build();
        $this->commission();
        $this->build(promise: '2026-06-30');
        $this->build(promise: '2026-05-29');
        DB::table('kit_lines')->where('build_id', $inWork->id)->update(['state' => 'arrived', 'version' => 1]);
        foreach (['needed' => 'strings', 'ordered' => 'tuners'] as $state => $group) {
            DB::table('kit_lines')->where('build_id', $inWork->id)->where('group', $group)->limit(1)->update([
                'state' => $state, 'expected_on' => $state === 'ordered' ? '2026-03-20' : null,
            ]);
        }
        $this->finished(
            $inWork, PreparationOperation::Agree->value, PreparationOperation::Draw->value, PreparationOperation::MakeTemplates->value,
            PreparationOperation::OrderParts->value, PreparationOperation::MeasureParts->value,
            PreparationOperation::SelectTimber->value,
        );
        $this->finished(
            Build::query()->where('number', 3)->firstOrFail(), PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value, PreparationOperation::MeasureParts->value,
        );
        DB::table('kit_lines')->where('build_id', 3)->update(['state' => 'arrived', 'version' => 1]);
        $this->at('2026-03-18 09:12');
        app(Planner::class)->replan('ready to cut');
        $joint = $this->operation($inWork, BodyOperation::Joint->value);
        $this->must('post', "/operations/{$joint->id}/hours", ['hours' => '1', 'worked_on' => '2026-03-17', 'person_id' => $this->maker->id]);
        $this->must('post', "/operations/{$joint->id}/finish", ['version' => $joint->refresh()->version]);
        $this->actingAs($this->maker);
        $this->must('post', "/operations/{$this->ready($inWork)->id}/clock");
        $this->actingAs($this->manager);
        $this->must('post', '/builds/3/revisions');
        $this->must('post', '/builds/4/route/patterns', ['name' => 'as it is']);
        $this->must('post', '/builds/4/route/changes', [...WholeRequests::ADDED, 'version' => Build::query()->where('number', 4)->value('route_version')]);
        $this->must('post', '/plan/feeds', ['what' => 'person', 'person' => $this->maker->id]);
        $this->must('post', "/people/{$this->maker->id}/days-off", ['date' => '2026-03-25', 'note' => 'dentist']);
        $this->must('post', '/house/closed-days', ['date' => '2026-03-26', 'note' => 'fair']);
        $this->must('post', '/house/models', ['name' => 'Plain bolt-on', 'specification' => ['scale' => '25 1/2"']]);
        $this->must('post', '/plan/try', ['name' => 'What if']);
        $this->must('post', '/plan/try/1/changes', ['changes' => [['kind' => 'push', 'build' => 4, 'days' => 2]]]);
        $this->must('post', '/plan/changes', ['changes' => [['kind' => 'push', 'build' => 3, 'days' => 1]]]);
        $this->must('post', '/climate', ['temperature' => '20', 'humidity' => '50']);
        $this->bench($this->ready($inWork), $this->operation(Build::query()->where('number', 3)->firstOrFail(), PreparationOperation::SelectTimber->value));
        DB::table('sign_ins')->insert([
            'person_id' => $this->manager->id, 'device' => 'phone', 'place' => '127.0.0.1', 'began_at' => '2026-03-18 07:00:00',
        ]);
        StoreRequests::fill($this->must(...));
        ClientRequests::fill($this->must(...));
        MoneyRequests::fill($this->must(...));
        JigRequests::fill($this->must(...));
        $this->offer();
    }

    /** Something has been read, said and shared at the bench. */
    private function bench(Operation $square, Operation $timber): void
    {
        foreach (['bow' => '0.05', 'twist' => '0.4'] as $place => $value) {
            $this->must('post', "/operations/{$square->id}/gate/readings", ['line' => 'bow-and-twist', 'place' => $place, 'value' => $value]);
        }
        $this->must('post', "/operations/{$square->id}/gate/decide", ['version' => $square->refresh()->version, 'kind' => 'accept', 'line' => 'bow-and-twist', 'because' => 'it comes off']);
        $this->must('post', "/operations/{$timber->id}/gate/readings", ['line' => 'moisture', 'value' => '12']);
        $this->must('post', "/operations/{$square->id}/wrong", ['text' => 'a knot on the line', 'mishap' => 'crack']);
        $this->must('post', "/operations/{$square->id}/photographs", ['photograph' => UploadedFile::fake()->image('bench.jpg', 60, 40)]);
        $this->piece();
        $this->actingAs($this->manager);
        $this->must('post', '/timber/boards', ['species' => 'red alder', 'length' => '2400', 'width' => '210', 'thickness' => '52', 'cost' => '98', 'cut' => 'flat-sawn', 'moisture' => '11.5', 'weight' => '14']);
        $this->must('post', '/timber/1/defects', ['kind' => 'knot', 'from' => '600', 'across' => '40', 'long' => '60', 'wide' => '50']);
        $this->cut();
        $this->must('post', '/builds/1/set-up/readings', ['step' => 'relief', 'values' => ['0.2'], 'settled' => false]);
        DB::table('bench_devices')->insert(['name' => 'tablet', 'token_hash' => 'x', 'given_by' => 1, 'at' => '2026-03-18 08:00:00']);
    }

    /** One board becomes the body of a build; a second one is marked for another. */
    private function cut(): void
    {
        $this->must('post', '/timber/boards', ['species' => 'red alder', 'length' => '1200', 'width' => '350', 'thickness' => '52', 'cost' => '66', 'cut' => 'flat-sawn']);
        $this->must('post', '/timber/cutting/cut', ['boards' => [2], 'needs' => ['4:body.0'], 'at' => ['4:body.0|2|25|0|along', '4:body.0|2|25|180|along'], 'versions' => [2 => 1]]);
        $this->must('post', '/timber/boards', ['species' => 'red alder', 'length' => '1200', 'width' => '350', 'thickness' => '52', 'cost' => '66', 'cut' => 'flat-sawn']);
    }

    /** A board that was kept when another was made. */
    private function piece(): void
    {
        DB::table('pieces')->insert([
            'kind' => 'fretboard', 'kinds' => '["fretboard"]', 'made_for_id' => 2, 'revision_id' => DB::table('specification_revisions')->where('build_id', 2)->value('id'),
            'state' => 'stock', 'done' => '[]', 'measured' => '[]', 'at' => '2026-03-17 08:00:00',
        ]);
    }

    /** As if the search had found something: the order of today’s plan, with a gain that is worth nothing. */
    private function offer(): void
    {
        if (app(BetterPlan::class)->look() === null) {
            PlanOffer::query()->create([
                'at' => '2026-03-18 08:00:00', 'state' => 'open', 'gains' => [], 'moved' => 0, 'positions' => [],
            ]);
        }
    }

    /** An operation on which a clock can be started, and that nobody has begun. */
    private function ready(Build $build): Operation
    {
        return $this->operation($build, NeckOperation::Square->value);
    }

    /** @param  array<string, mixed>  $input */
    private function must(string $method, string $path, array $input = []): void
    {
        $answer = $this->call(strtoupper($method), $path, $input);
        $errors = session('errors')?->all() ?? [];
        self::assertTrue($answer->isRedirection() && $errors === [], "{$method} {$path}: {$answer->status()} ".implode(' ', $errors));
    }

    /**
     * What the shop has recorded, without what is planned from it and what is drawn by chance.
     *
     * @return array<string, list<array<string, mixed>>> rows by table
     */
    private static function records(string $file): array
    {
        $shop = new PDO("sqlite:{$file}");
        $shop->setAttribute(PDO::ATTR_DEFAULT_FETCH_MODE, PDO::FETCH_ASSOC);
        $records = [];
        foreach ($shop->query("select name from sqlite_master where type = 'table' order by name")->fetchAll(PDO::FETCH_COLUMN) as $table) {
            if (! in_array($table, ['plans', 'plan_entries', 'planned_finishes', 'plan_requests', 'plan_helps', 'forecasts', 'build_forecasts', 'given_forecasts', 'plan_troubles', 'plan_offers', 'jobs', 'sqlite_sequence', 'migrations'], true)) {
                $rows = $shop->query("select * from \"{$table}\" order by 1")->fetchAll();
                $records[$table] = array_map(static fn (array $row): array => array_diff_key($row, array_flip([
                    'token', 'token_hash', 'password', 'recovery_codes', 'bench_code', 'baseline_start', 'baseline_end', 'announced', 'back', 'backup_key', 'bytes',
                ])), $rows);
            }
        }

        return $records;
    }

    /** @return list<string> what the database itself says is wrong with it */
    private static function damages(string $file): array
    {
        $shop = new PDO("sqlite:{$file}");

        return array_map(strval(...), [
            ...array_diff($shop->query('PRAGMA integrity_check')->fetchAll(PDO::FETCH_COLUMN), ['ok']),
            ...$shop->query('PRAGMA foreign_key_check')->fetchAll(PDO::FETCH_COLUMN),
        ]);
    }
}
