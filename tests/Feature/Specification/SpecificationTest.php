<?php

declare(strict_types=1);

namespace Tests\Feature\Specification;

use App\Models\Build\AcceptedFinding;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Measurement;
use App\Models\Build\SpecificationRevision;
use Illuminate\Http\UploadedFile;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** A specification from the first draft to the bench, and from one revision to the next. */
final class SpecificationTest extends TestCase
{
    use WrittenSpecification;

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

    public function test_an_open_stop_keeps_it_from_the_bench_until_it_is_fixed_or_accepted_with_a_reason(): void
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
