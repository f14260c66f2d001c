<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What goes out to the bench, read back by readers that are not ours. */
final class BenchFilesTest extends TestCase
{
    private const POINTS_A_MM = 72 / 25.4;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build();
        $this->actingAs($this->maker);
    }

    private function file(string $name): TestResponse
    {
        return $this->get("/builds/1/specification/1/{$name}")->assertOk();
    }

    public function test_the_dxf_is_read_by_an_independent_reader_with_its_slots_where_they_belong(): void
    {
        $dxf = (string) $this->file('fretboard.dxf')->assertHeader('Content-Type', 'image/vnd.dxf')->getContent();
        $this->assertStringContainsString("AC1009\r\n", $dxf);
        // Source of the reader: the general-purpose npm package dxf-parser.
        $reader = new Process(
            [
                'node',
                '-e',
                'const D=require("dxf-parser");let s="";process.stdin.on("data",c=>s+=c).on("end",()=>{const d=new '
                    .'(D.default||D)().parseSync(s);console.log(JSON.stringify({e:d.entities,l:Object.keys(d.tables.layer.layers)}))})',
            ],
            base_path(),
        );
        $reader->setInput($dxf)->mustRun();
        ['e' => $entities, 'l' => $layers] = json_decode($reader->getOutput(), true, 32, JSON_THROW_ON_ERROR);
        $this->assertEqualsCanonicalizing(['OUTLINE', 'SLOTS', 'MARKERS', 'CENTRE'], $layers);
        $slots = array_values(array_filter($entities, static fn (array $entity): bool => $entity['layer'] === 'SLOTS'));
        $this->assertCount(22, $slots);
        foreach ($slots as $index => $slot) {
            $this->assertEqualsWithDelta(647.7 * (1 - 2 ** (-($index + 1) / 12)), $slot['vertices'][0]['x'], 0.0001);
            $this->assertEqualsWithDelta(
                $slot['vertices'][0]['y'], -$slot['vertices'][1]['y'], 0.0001, 'symmetric about the centre line',
            );
        }
        $this->assertCount(
            10,
            array_filter($entities, static fn (array $entity): bool => $entity['type'] === 'CIRCLE'),
        );
    }

    #[TestWith(['fretboard'])]
    #[TestWith(['headstock'])]
    #[TestWith(['neck-side'])]
    #[TestWith(['body'])]
    public function test_each_template_comes_in_every_format(string $template): void
    {
        $this->assertStringContainsString('mm" viewBox', (string) $this->file("{$template}.svg")->getContent());
        $this->assertStringContainsString('EOF', (string) $this->file("{$template}.dxf")->getContent());
        foreach (['a4', 'letter'] as $paper) {
            $this->assertStringStartsWith('%PDF-', (string) $this->file("{$template}-{$paper}.pdf")->getContent());
        }
        $this->get("/builds/1/specification/1/{$template}.exe")->assertNotFound();
    }

    public function test_the_pdf_is_at_one_to_one_when_it_is_measured(): void
    {
        foreach (['a4' => [841.89, 595.28], 'letter' => [792.0, 612.0]] as $paper => [$width, $height]) {
            $pdf = tempnam(sys_get_temp_dir(), 'template');
            file_put_contents($pdf, (string) $this->file("fretboard-{$paper}.pdf")->getContent());
            // Source of the reader: pdftocairo of Debian's poppler-utils.
            $svg = (
                new Process(['pdftocairo', '-svg', '-noshrink', '-nocenter', '-f', '1', '-l', '1', $pdf, '-'])
            )->mustRun()->getOutput();
            unlink($pdf);
            preg_match('/width="([\d.]+)[^"]*" height="([\d.]+)/', $svg, $page);
            $this->assertEqualsWithDelta([$width, $height], [(float) $page[1], (float) $page[2]], 0.6);
            $lengths = [];
            preg_match_all(
                '/<path[^>]* d="M ([-\d.]+) ([-\d.]+) L ([-\d.]+) ([-\d.]+) ?"([^>]*)>/',
                $svg,
                $lines,
                PREG_SET_ORDER,
            );
            foreach ($lines as [$whole, $x1, $y1, $x2, $y2]) {
                $scale = preg_match('/matrix\(([-\d.]+), ?0, ?0/', $whole, $matrix) === 1
                    ? abs((float) $matrix[1])
                    : 1.0;
                $lengths[] = round(
                    hypot((float) $x2 - (float) $x1, (float) $y2 - (float) $y1) * $scale / self::POINTS_A_MM,
                    2,
                );
            }
            $this->assertNotSame(
                [],
                array_filter($lengths, static fn (float $mm): bool => abs($mm - 100.0) < 0.05),
                'a bar of 100 mm',
            );
            $this->assertNotSame(
                [],
                array_filter($lengths, static fn (float $mm): bool => abs($mm - 101.6) < 0.05),
                'a bar of 4 in',
            );
            $first = 43.0 + (55.16 - 43.0) * 36.35 / 465.95;
            $this->assertNotSame(
                [],
                array_filter($lengths, static fn (float $mm): bool => abs($mm - $first) < 0.15),
                'the first slot as wide as the board there',
            );
        }
    }

    public function test_the_sheet_has_the_drawings_and_everything_that_was_agreed_and_computed(): void
    {
        $pdf = tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($pdf, (string) $this->file('sheet-a4.pdf')->getContent());
        $info = (new Process(['pdfinfo', $pdf]))->mustRun()->getOutput();
        $text = (new Process(['pdftotext', '-layout', $pdf, '-']))->mustRun()->getOutput();
        unlink($pdf);
        $this->assertMatchesRegularExpression('/Pages:\s+4\n/', $info);
        foreach ([
            'Fennimore', 'Specification, revision 1, released', 'Nut to twelfth', '323.9 mm', 'Indian rosewood',
            '= Radius', 'What was agreed', 'All strings pull',
        ] as $words) {
            $this->assertStringContainsString($words, $text);
        }
        $this->assertStringStartsWith('%PDF-', (string) $this->file('sheet-letter.pdf')->getContent());
    }

    public function test_tables_are_csv_that_a_spreadsheet_reads(): void
    {
        $lines = explode("\r\n", trim((string) $this->file('frets.csv')->getContent()));
        $this->assertCount(23, $lines);
        $this->assertSame(
            ['12', '323.85', '12 3/4"', '12.750'], array_slice(str_getcsv($lines[12], ',', '"', ''), 0, 4),
        );
        $this->assertCount(7, explode("\r\n", trim((string) $this->file('strings.csv')->getContent())));
    }

    public function test_a_specification_is_computed_from_the_command_line(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'spec');
        file_put_contents($file, (string) $this->file('specification.json')->getContent());
        $run = static fn (string $of): Process => tap(
            new Process(['php', 'artisan', 'regimen:compute', $of], base_path()),
        )->run();
        $good = $run($file);
        $this->assertSame(0, $good->getExitCode(), $good->getErrorOutput());
        $this->assertSame(
            'six-string, solid, red alder',
            json_decode($good->getOutput(), true, 16, JSON_THROW_ON_ERROR)['instrument'],
        );
        file_put_contents($file, '{"format": "regimen-specification/1", "client": {"scale": "long"}}');
        foreach ([[$file, 'Line 1: scale'], ['/no/such/file', 'There is no file']] as [$of, $says]) {
            $bad = $run($of);
            $this->assertSame([2, ''], [$bad->getExitCode(), $bad->getOutput()]);
            $this->assertStringContainsString($says, $bad->getErrorOutput());
        }
        unlink($file);
    }
}
