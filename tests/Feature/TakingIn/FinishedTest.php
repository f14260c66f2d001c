<?php

declare(strict_types=1);

namespace Tests\Feature\TakingIn;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Finished instruments with their hours, out of a table. */
final class FinishedTest extends TestCase
{
    private const TABLE = "No;Instrument;Client;Finished;Neck;Body\n11;Harbour;Ada Grün;12.3.2025;12,5;20\n;Reed;;1.9.2025;10:30;18\n";

    private const COLUMNS = ['number', 'name', 'client', 'finished', 'hours.neck', 'hours.body'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    /** @param  array<int, string>  $columns */
    private function send(string $path, string $table, array $columns): TestResponse
    {
        return $this->post($path, [
            'file' => UploadedFile::fake()->createWithContent('finished.csv', $table), 'columns' => $columns, 'day_first' => '1',
        ], ['Accept' => $path === '/finished/look' ? 'application/json' : 'text/html']);
    }

    public function test_a_table_is_looked_at_matched_and_taken_whole(): void
    {
        $seen = $this->send('/finished/look', self::TABLE, [])->assertOk()->json();
        $this->assertSame(['No', 'Instrument', 'Client', 'Finished', 'Neck', 'Body'], $seen['columns']);
        $this->assertSame(self::COLUMNS, $seen['guesses']);
        $this->assertSame(0, Build::query()->count(), 'looking takes nothing');
        $this->assertStringContainsString(
            '2 instruments, finished from Wed 12 Mar 2025 to Mon 1 Sep 2025, 61 h', $this->send('/finished/look', self::TABLE, self::COLUMNS)->json('words'),
        );

        $this->send('/finished', self::TABLE, self::COLUMNS)->assertSessionHasNoErrors()->assertRedirect('/builds');
        $this->assertSame([11, 12], Build::query()->orderBy('number')->pluck('number')->all());
        $build = Build::query()->where('number', 11)->sole();
        $this->assertSame(['finished', 'Ada Grün'], [$build->status->value, $build->client?->name]);
        $minutes = TimeEntry::query()->join('operations', 'operations.id', 'operation_id')->where('build_id', $build->id)
            ->groupBy('stage')->selectRaw('stage, sum(minutes) as total')->pluck('total', 'stage')->all();
        $this->assertSame(['body' => 1200, 'neck' => 750], array_map(intval(...), $minutes));
        $this->assertSame(['taken in'], TimeEntry::query()->distinct()->pluck('source')->all());
        $this->assertSame(0, Operation::query()->where('state', '!=', 'done')->count());
        $this->get('/builds')->assertOk();
        $this->get('/builds/11')->assertOk();
        $this->get('/house/standards')->assertOk();
    }

    public function test_a_line_without_a_number_never_takes_that_of_another_line(): void
    {
        $this->send('/finished', "Name,Finished,No\nReed,2025-09-01,\nStone,2025-09-02,1\n", ['name', 'finished', 'number'])
            ->assertSessionHasNoErrors();
        $this->assertSame(['Stone', 'Reed'], Build::query()->orderBy('number')->pluck('title')->all());
    }

    public function test_one_line_that_cannot_be_read_stops_all_and_every_such_line_is_named(): void
    {
        $table = "Name,Finished,Hours\nReed,2025-09-01,40\n,2025-09-01,40\nHarbour,31 Feb 2025,40\nStone,2025-02-01,lots\nFar,2031-01-01,1\n";
        $columns = ['name', 'finished', 'hours'];
        foreach (['/finished/look', '/finished'] as $path) {
            $answer = $this->send($path, $table, $columns);
            $said = $path === '/finished' ? session('errors')->first('file') : $answer->json('problem');
            foreach (['Line 3: a name', 'Line 4: ', 'Line 5: “lots”', 'Line 6: “2031-01-01”'] as $words) {
                $this->assertStringContainsString($words, $said);
            }
        }
        $this->assertSame(0, Build::query()->count());
        $this->send('/finished', self::TABLE, self::COLUMNS);
        $this->send('/finished', self::TABLE, self::COLUMNS)->assertSessionHasErrors('file');
        $this->assertStringContainsString('Line 2: there is a build No. 11', session('errors')->first('file'));
        $this->send('/finished', "Name,When\nReed,2025-09-01\n", ['name', ''])->assertSessionHasErrors('file');
        $this->send('/finished', self::TABLE, ['name', 'name'])->assertSessionHasErrors('columns.0');
        $this->assertSame(2, Build::query()->count());
        $this->actingAs($this->maker);
        $this->send('/finished', self::TABLE, self::COLUMNS)->assertForbidden();
    }
}
