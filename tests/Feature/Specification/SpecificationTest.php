<?php

declare(strict_types=1);

namespace Tests\Feature\Specification;

use App\Models\Build\AcceptedFinding;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Measurement;
use App\Models\Build\Operation;
use App\Models\Build\SpecificationRevision;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** A specification from the first draft to the bench, and from one revision to the next. */
final class SpecificationTest extends TestCase
{
    private const URL = '/builds/1/specification';

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    /** @param  array<string, mixed>  $typed */
    private function keep(Build $build, array $typed): void
    {
        $this->put(
            self::URL,
            ['version' => $this->draft($build)->version, 'specification' => [...self::SPECIFICATION, ...$typed]],
        )->assertSessionHasNoErrors();
    }

    private function draft(Build $build): SpecificationRevision
    {
        return SpecificationRevision::query()->where('build_id', $build->id)->whereNull('released_at')->sole();
    }

    public function test_everything_is_worked_out_while_it_is_written_and_nothing_is_kept(): void
    {
        $this->commission();
        $worked = $this
            ->postJson(
                self::URL.'/work-out',
                ['specification' => [...self::SPECIFICATION, 'neckAngle' => '2', 'rodDepth' => '14']],
            )
            ->assertOk()
            ->json();
        $this->assertSame(
            ['bridge-range', 'under-rod'],
            collect($worked['shown']['findings'])->where('severity', 'stop')->pluck('key')->sort()->values()->all(),
        );
        $this->assertSame('2 stops, 2 notes', $worked['shown']['standing']);
        $this->assertCount(6, $worked['shown']['views']);
        $this->assertSame(
            ['647.7 mm', '647.7 mm', 'client'], array_values(array_slice($worked['values']['scale'], 0, 3)),
        );
        $this->assertSame(
            '1 11/16"',
            $worked['values']['nutWidth']['other'],
            'what is typed in millimetres is shown in inches, and the other way round',
        );
        $this->assertSame('computed', $worked['values']['boardLength']['source']);
        $figure = collect($worked['shown']['figures'])->firstWhere('key', 'underRodFirst');
        $this->assertSame(
            ['1.5', '21.5 − 6.0 − 14.0 = 1.5 mm. G10: common practice: at least 3 mm stays.'],
            [$figure['value'], $figure['because']],
        );
        $this->assertArrayNotHasKey('neckAngle', SpecificationRevision::query()->sole()->client);
        $wrong = $this
            ->postJson(self::URL.'/work-out', ['specification' => ['scale' => '-2', 'layers' => 'thick', 'x' => '1']])
            ->assertOk()
            ->json();
        $this->assertNull($wrong['shown']);
        $this->assertSame(['scale', 'layers', 'x'], array_keys($wrong['problems']));
    }

    public function test_what_is_wrong_is_refused_at_its_field_and_nothing_is_kept(): void
    {
        $build = $this->commission();
        $this->put(
            self::URL,
            ['version' => 1, 'specification' => ['scale' => 'wide', 'frets' => '99']],
        )->assertSessionHasErrors(['scale', 'frets']);
        $this->assertSame(1, $this->draft($build)->version);
        $this->assertSame('25 1/2"', $this->draft($build)->client['scale']);
    }

    public function test_route_and_kit_follow_the_first_revision_until_it_is_released(): void
    {
        $build = $this->commission();
        $this->keep($build, ['joint' => 'set', 'finish' => 'nitrocellulose']);
        $this->assertTrue(Operation::query()->where('key', JointOperation::GlueNeck->value)->exists());
        $this->assertFalse(Operation::query()->where('key', JointOperation::Screws->value)->exists());
        $this->assertFalse(KitLine::query()->where('name', 'neck screws and plate')->exists());
        $this->assertSame(0, Operation::query()->whereDoesntHave('planned')->count(), 'everything is planned');
    }

    public function test_an_open_stop_keeps_it_from_the_bench_until_it_is_mended_or_accepted_with_a_reason(): void
    {
        $build = $this->commission();
        $this->keep($build, ['neckAngle' => '2']);
        $this->post(self::URL.'/release', ['version' => 2])->assertSessionHasErrors('release');
        $this->assertStringContainsString('bridge beyond its travel', session('errors')->first('release'));
        $blank = $this->operation($build, NeckOperation::Square->value);
        $this->finished(
            $build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::MeasureParts->value, PreparationOperation::SelectTimber->value,
        );
        KitLine::query()->update(['state' => 'arrived']);
        $this->post("/operations/{$blank->id}/clock")->assertSessionHasErrors('clock');
        $this->assertStringContainsString('not released to the bench', session('errors')->first('clock'));

        $this->post(
            self::URL.'/accept', ['version' => 2, 'key' => 'bridge-range', 'reason' => ''],
        )->assertSessionHasErrors('reason');
        $this->post(
            self::URL.'/accept', ['version' => 2, 'key' => 'no-such', 'reason' => 'because'],
        )->assertSessionHasErrors('accept');
        $this->post(
            self::URL.'/accept',
            ['version' => 2, 'key' => 'bridge-range', 'reason' => 'A lower bridge is on its way.'],
        )->assertSessionHasNoErrors();
        $accepted = AcceptedFinding::query()->sole();
        $this->assertSame(['bridge-range', $this->manager->id], [$accepted->key, $accepted->person_id]);
        $this->assertStringContainsString(
            'A lower bridge is on its way.', LogEntry::query()->latest('id')->firstOrFail()->text,
        );
        $this->post(self::URL.'/release', ['version' => 2])->assertSessionHasNoErrors();
        $this->assertNotNull($build->specification()->sole()->released_at);
        $this->post("/operations/{$blank->id}/clock")->assertSessionHasNoErrors();
    }

    public function test_what_was_accepted_holds_only_as_long_as_its_figures(): void
    {
        $build = $this->commission();
        $this->keep($build, ['neckAngle' => '2']);
        $this->post(self::URL.'/accept', ['version' => 2, 'key' => 'bridge-range', 'reason' => 'As agreed.']);
        $this->keep($build, ['neckAngle' => '3']);
        $this->post(self::URL.'/release', ['version' => 3])->assertSessionHasErrors('release');
    }

    public function test_a_released_revision_is_never_edited_whoever_tries(): void
    {
        $build = $this->build();
        $this->put(
            self::URL, ['version' => 2, 'specification' => self::SPECIFICATION],
        )->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('never edited', session('errors')->first('conflict'));
        foreach ([
            'update specification_revisions set client = "{}"', 'delete from specification_revisions',
        ] as $statement) {
            try {
                DB::statement($statement);
                $this->fail('the database let it pass');
            } catch (QueryException $refused) {
                $this->assertStringContainsString('a released revision is never', $refused->getMessage());
            }
        }
        $this->assertSame(self::SPECIFICATION['scale'], $build->specification()->sole()->client['scale']);
    }

    public function test_a_second_revision_keeps_what_is_done_and_says_what_became_useless(): void
    {
        $build = $this->build();
        $this->finished($build, JointOperation::Screws->value, FretboardOperation::Slots->value);
        DB::table('time_entries')->insert(
            [
                'operation_id' => $this->operation($build, JointOperation::Screws->value)->id,
                'person_id' => $this->manager->id, 'worked_on' => '2026-03-16', 'minutes' => 50, 'rate_minor' => 4800,
                'source' => 'clock',
            ],
        );
        KitLine::query()->where('name', 'neck screws and plate')->update(['state' => 'arrived']);
        $this->post('/builds/1/revisions')->assertRedirect(self::URL);
        $this->post('/builds/1/revisions')->assertSessionHasErrors('conflict');
        $this->keep($build, ['joint' => 'set', 'finish' => 'nitrocellulose', 'colour' => 'black']);
        $this->assertFalse(
            Operation::query()->where('key', JointOperation::GlueNeck->value)->exists(),
            'nothing changes in the shop before it is released',
        );

        $page = $this->get('/builds/1/revisions')->assertOk();
        $this->assertSame([1, 2], [$page->inertiaProps('from'), $page->inertiaProps('to')]);
        $changes = collect($page->inertiaProps('comparison.values'))->keyBy('name');
        $this->assertSame(['bolt-on', 'set'], [$changes['Neck joint']['before'], $changes['Neck joint']['after']]);
        $follows = implode(' ', $page->inertiaProps('comparison.follows'));
        $this->assertStringContainsString('h more', $follows);
        $this->assertStringContainsString('Planned finish if it is released', $follows);
        $this->assertStringContainsString(
            '“drill and fit the neck screws” is no longer needed; 50 min were worked on it.',
            $follows,
        );
        $this->assertStringContainsString('neck screws and plate is no longer needed and is in the shop.', $follows);
        $this->assertContains(
            ['name' => 'colour', 'before' => '', 'after' => '1.5 h'], $page->inertiaProps('comparison.operations'),
        );
        $this->assertFalse(
            Operation::query()->where('key', JointOperation::GlueNeck->value)->exists(),
            'looking changes nothing',
        );

        $this->post(self::URL.'/release', ['version' => $this->draft($build)->version])->assertSessionHasNoErrors();
        $this->assertSame('open', $this->operation($build, JointOperation::GlueNeck->value)->state->value);
        $this->assertSame(
            ['done', 'done'],
            [
                $this->operation($build, FretboardOperation::Slots->value)->state->value,
                $this->operation($build, JointOperation::Screws->value)->state->value,
            ],
        );
        $this->assertTrue(KitLine::query()->where('name', 'neck screws and plate')->sole()->surplus);
        $this->assertSame(2, $build->specification()->sole()->number);
        $this->assertSame(
            'bolt-on', $this->get(self::URL.'/1')->inertiaProps('client.joint'), 'the old one stays readable',
        );
        $this->assertStringContainsString(
            'is no longer needed',
            LogEntry::query()->where('kind', 'specification')->latest('id')->firstOrFail()->text,
        );
    }

    public function test_a_revision_that_was_begun_can_be_given_up_and_the_logbook_keeps_it(): void
    {
        $this->build();
        $this->post('/builds/1/revisions');
        $this->delete('/builds/1/revisions', ['version' => 1])->assertSessionHasNoErrors();
        $this->assertSame(1, SpecificationRevision::query()->count());
        $this->assertStringContainsString('25 1\/2', LogEntry::query()->latest('id')->firstOrFail()->text);
        $this->delete('/builds/1/revisions', ['version' => 1])->assertSessionHasErrors('conflict');
    }

    public function test_a_file_is_taken_whole_or_not_at_all(): void
    {
        $build = $this->commission();
        $json = $this->get(self::URL.'/1/specification.json')->assertOk()->getContent();
        $this->post(
            self::URL.'/import',
            [
                'version' => 1,
                'file' => UploadedFile::fake()->createWithContent(
                    'a.json', str_replace('25 1/2\\"', '630', (string) $json),
                ),
            ],
        )->assertSessionHasNoErrors();
        $this->assertSame('630', $this->draft($build)->client['scale']);
        $this->post(
            self::URL.'/import',
            [
                'version' => 2,
                'file' => UploadedFile::fake()->createWithContent(
                    'a.json', str_replace(['25 1/2\\"', '"22"'], ['-1', '"222"'], (string) $json),
                ),
            ],
        )->assertSessionHasErrors('file');
        $said = session('errors')->first('file');
        $this->assertMatchesRegularExpression(
            '/Line \d+: scale: .*below zero.*\nLine \d+: frets: .*\nNothing was changed\./s',
            $said,
        );
        $this->assertSame('630', $this->draft($build)->client['scale']);
    }

    public function test_of_two_who_write_the_second_is_told(): void
    {
        $build = $this->commission();
        $this->keep($build, ['frets' => '21']);
        $this->put(
            self::URL,
            ['version' => 1, 'specification' => [...self::SPECIFICATION, 'frets' => '24']],
        )->assertSessionHasErrors('conflict');
        $this->assertSame('21', $this->draft($build)->client['frets']);
    }

    public function test_a_part_that_is_not_what_its_sheet_said_is_found(): void
    {
        $build = $this->build();
        $this->actingAs($this->maker);
        KitLine::query()->where('name', 'bridge')->update(['state' => 'arrived']);
        $line = KitLine::query()->where('name', 'bridge')->sole();
        $measure = fn (string $part, string $field, string $value) => $this->post(
            '/builds/1/measurements',
            ['part' => $part, 'field' => $field, 'value' => $value, 'instrument' => 'caliper'],
        );
        $measure('neck', 'heelWidth', 'broad')->assertSessionHasErrors('value');
        $measure('neck', 'scale', '600')->assertSessionHasErrors('field');
        $measure((string) ($line->id + 900), 'bridgeMost', '16')->assertNotFound();
        $measure((string) $line->id, 'bridgeMost', '12.6')->assertSessionHasNoErrors();
        $measured = $this->get('/builds/1')->inertiaProps('measured');
        $this->assertSame(['bridge-range'], array_column($measured['new'], 'key'));
        $this->assertSame(
            [['bridge', 'Saddles, highest', '16 mm', '12.6']],
            array_map(
                static fn (array $row): array => [$row['part'], $row['name'], $row['drawn'], $row['value']],
                $measured['rows'],
            ),
        );
        $measure((string) $line->id, 'bridgeMost', '16.1')->assertSessionHasNoErrors();
        $this->assertSame([], $this->get('/builds/1')->inertiaProps('measured.new'), 'the later measurement counts');
        $this->assertSame(2, Measurement::query()->count(), 'and the earlier one stays');
        $this->assertStringContainsString(
            'Measured on bridge',
            LogEntry::query()->where('build_id', $build->id)->latest('id')->firstOrFail()->text,
        );
    }

    public function test_makers_read_it_and_only_the_manager_writes(): void
    {
        $this->commission();
        $this->actingAs($this->maker);
        $this->assertFalse($this->get(self::URL)->assertOk()->inertiaProps('revision.editable'));
        $this->get(self::URL.'/1/frets.csv')->assertOk();
        $this->put(self::URL, ['version' => 1, 'specification' => []])->assertForbidden();
        $this->post(self::URL.'/release', ['version' => 1])->assertForbidden();
        $this->get('/builds/1/revisions')->assertForbidden();
        $this->get(self::URL.'/7')->assertNotFound();
        $this->get(self::URL.'/1/secrets.pdf')->assertNotFound();
    }
}
