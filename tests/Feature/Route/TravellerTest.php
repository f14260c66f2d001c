<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\PreparationOperation;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The route of a build: explained, changed safely, compared and printed. */
final class TravellerTest extends TestCase
{
    use ShownRoute;

    public function test_what_is_begun_is_not_changed(): void
    {
        $build = $this->build();
        $this->finished($build, PreparationOperation::Agree->value);
        $this->change(
            $build,
            ['kind' => 'times', 'key' => PreparationOperation::Agree->value, 'labour' => '1'],
        )->assertSessionHasErrors('change');
        $this->assertStringContainsString('begun or done already', session('errors')->first('change'));
        $this->change(
            $build,
            [
                'kind' => 'move', 'key' => PreparationOperation::Draw->value,
                'target' => PreparationOperation::Agree->value,
            ],
            'so',
        )->assertSessionHasErrors('change');
    }

    public function test_the_next_revision_carries_changes_over_or_asks_and_keeps_what_was_worked(): void
    {
        $build = $this->build();
        $this->change($build, self::INLAY);
        $this->change(
            $build,
            [
                'kind' => 'times', 'key' => FretboardOperation::Markers->value, 'labour' => '2', 'set_up' => '',
                'hold' => '',
            ],
        );
        $markers = $this->operation($build, FretboardOperation::Markers->value);
        $this->finished($build, PreparationOperation::Agree->value);
        DB::table('time_entries')->insert(
            [
                'operation_id' => $markers->id, 'person_id' => $this->manager->id, 'worked_on' => '2026-03-17',
                'minutes' => 30, 'rate_minor' => 1, 'source' => 'afterwards',
            ],
        );
        $this->post('/builds/1/revisions');
        $this->put(
            '/builds/1/specification',
            ['version' => 1, 'specification' => [...self::SPECIFICATION, 'markers' => 'none']],
        )->assertSessionHasNoErrors();
        $this->post('/builds/1/specification/release', ['version' => 2])->assertSessionHasNoErrors();
        $page = $this->get('/builds/1/route');
        $changes = $page->inertiaProps('changes');
        $this->assertSame(
            [null, true],
            [$changes[0]['left'], str_contains($changes[1]['left'], 'no operation “'.FretboardOperation::Markers->value.'”')],
        );
        $this->assertNotNull(Operation::query()->where('key', 'own.1')->first());
        $this->assertSame('done', $this->operation($build, PreparationOperation::Agree->value)->state->value);
        $this->assertStringContainsString(
            'no longer needed; 30 min were worked on it',
            LogEntry::query()->where('text', 'like', '%released to the bench%')->latest('id')->firstOrFail()->text,
        );
        $this->assertTrue(
            collect($page->inertiaProps('operations'))->firstWhere(
                'key', FretboardOperation::Markers->value,
            )['useless'],
        );
    }

    public function test_the_traveller_goes_with_the_instrument_on_both_papers(): void
    {
        $build = $this->build();
        $this->finished($build, PreparationOperation::Agree->value);
        foreach (['a4' => '595.276 x 841.89', 'letter' => '612'] as $paper => $size) {
            $pdf = $this->get("/builds/1/traveller-{$paper}.pdf")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf')
                ->getContent();
            $file = tempnam(sys_get_temp_dir(), 'traveller');
            file_put_contents($file, $pdf);
            $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
            $info = (new Process(['pdfinfo', $file]))->mustRun()->getOutput();
            // The code is read by a reader that is not ours: zbarimg of Debian's zbar-tools.
            $page = (
                new Process(['pdftocairo', '-png', '-singlefile', '-r', '150', '-f', '1', '-l', '1', $file, $file])
            )->mustRun();
            $code = (new Process(['zbarimg', '-q', '--raw', "{$file}.png"]))->mustRun()->getOutput();
            unlink("{$file}.png");
            unlink($file);
            $this->assertSame(0, $page->getExitCode());
            $this->assertSame(url('/builds/1'), trim($code));
            $this->assertStringContainsString($size, $info);
            $this->assertSame(0, substr_count(strtolower($pdf.$info.$text), 'tcpdf'), 'no maker’s mark of a library');
            $stages = substr_count($text, 'Gloves and air with superglue');
            $this->assertLessThanOrEqual(12, $stages, 'a caution is written once a stage');
            foreach ([
                '1 · Fennimore', 'fret slots, by template', 'nut to twelfth fret: 323.85 ± 0.2 mm', 'measured',
                'holds 24 h', 'Gloves and air with superglue', 'Follow the maker’s data sheet',
            ] as $words) {
                $this->assertStringContainsString($words, $text);
            }
            $places = array_map(
                static fn (string $name): int|false => strpos($text, $name),
                [
                    'agree the specification', 'square the neck blank', 'glue the fretboard', 'fret, trim',
                    'pack or hand over',
                ],
            );
            $this->assertSame($places, collect($places)->sort()->values()->all(), 'in the order of work');
        }
        $this->get('/builds/1/traveller-a3.pdf')->assertNotFound();
    }
}
