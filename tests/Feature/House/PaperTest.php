<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Documents\Face;
use App\Documents\Woff;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\Feature\Build\BenchWork;
use Tests\TestCase;

/** What leaves the printer, read by Debian's poppler-utils. */
final class PaperTest extends TestCase
{
    use BenchWork;

    private const SHEETS = [
        '/builds/1/traveller-%s.pdf', '/builds/1/specification/1/sheet-%s.pdf', '/plan/week-%s.pdf', '/parts-%s.pdf',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build();
        $this->actingAs($this->maker);
    }

    /** @param  list<string>  $command  with the file's name at its end */
    private function read(string $address, array $command): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        $said = (new Process([...array_slice($command, 0, 1), ...array_slice($command, 1), $file, ...($command[0] === 'pdftotext' ? ['-'] : [])]))->mustRun()->getOutput();
        unlink($file);

        return $said;
    }

    #[TestWith(['a4'])]
    #[TestWith(['letter'])]
    public function test_every_sheet_is_set_in_the_faces_of_the_house_and_large_enough_to_be_read(string $paper): void
    {
        foreach (self::SHEETS as $sheet) {
            $address = sprintf($sheet, $paper);
            $fonts = $this->read($address, ['pdffonts']);
            $this->assertStringContainsString('BricolageGrotesque', $fonts, $address);
            $this->assertStringContainsString('AtkinsonHyperlegibleNext', $fonts, $address);
            foreach (array_slice(explode("\n", trim($fonts)), 2) as $font) {
                // The library names one face that nothing is set in.
                $this->assertMatchesRegularExpression('/^Helvetica |TrueType +Identity-H +yes yes yes/', $font, $address);
            }
            preg_match_all('/<fontspec id="\d+" size="(\d+)"/', $this->read($address, ['pdftohtml', '-xml', '-stdout', '-i', '-zoom', '1']), $sizes);
            $this->assertNotSame([], $sizes[1], $address);
            $this->assertGreaterThanOrEqual(8, (int) min($sizes[1]), "{$address}: figures in drawings");
        }
    }

    public function test_a_week_is_taken_to_the_bench_and_a_list_to_the_supplier(): void
    {
        $week = $this->read('/plan/week-a4.pdf', ['pdftotext', '-layout']);
        foreach ([$this->manager->name, $this->maker->name, 'Wed 18 Mar 2026', 'worked', 'agree the specification'] as $words) {
            $this->assertStringContainsString($words, $week);
        }
        $mine = $this->read("/plan/week-a4.pdf?person={$this->maker->id}", ['pdftotext', '-layout']);
        $this->assertStringContainsString($this->maker->name, $mine);
        $this->assertStringNotContainsString($this->manager->name, $mine);

        $orders = $this->read('/parts-letter.pdf', ['pdftotext', '-layout']);
        $this->assertMatchesRegularExpression('/To order from hardware supplier.*1 piece +bridge +for No\. 1, \d+ days to arrive/s', $orders);
        $this->assertStringNotContainsString('EUR', $orders, 'no money on a list that anybody carries');
        $this->get('/parts-a3.pdf')->assertNotFound();
        $this->get('/plan/week-a3.pdf')->assertNotFound();
    }

    #[TestWith(['a4', 'fretboard'])]
    #[TestWith(['letter', 'fretboard'])]
    #[TestWith(['a4', 'body'])]
    #[TestWith(['letter', 'body'])]
    public function test_what_is_read_out_of_a_sheet_is_what_it_shows(string $paper, string $template): void
    {
        $words = $this->read("/builds/1/specification/1/{$template}-{$paper}.pdf", ['pdftotext', '-bbox']);
        preg_match_all('/<page width="([\d.]+)" height="([\d.]+)">(.*?)<\/page>/s', $words, $pages, PREG_SET_ORDER);
        $this->assertGreaterThan(1, count($pages));
        $margin = 9.0 * 72 / 25.4;
        foreach ($pages as [, $width, $height, $page]) {
            preg_match_all('/xMin="([\d.-]+)" yMin="([\d.-]+)" xMax="([\d.-]+)" yMax="([\d.-]+)">([^<]*)</', $page, $found, PREG_SET_ORDER);
            foreach ($found as [, $left, $top, $right, $bottom, $word]) {
                $this->assertTrue(
                    $right > $margin && $left < $width - $margin && $bottom > $margin && $top < $height,
                    "“{$word}” stands where nothing is printed",
                );
            }
        }
    }

    public function test_a_face_is_unpacked_to_what_it_was(): void
    {
        $woff = (string) file_get_contents(
            base_path('node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff'),
        );
        $font = Woff::unpack($woff);
        $this->assertSame(unpack('N', $woff, 16)[1], strlen($font), 'as long as the file says that it was');
        $count = unpack('n', $font, 4)[1];
        for ($table = 0; $table < $count; $table++) {
            ['tag' => $tag, 'sum' => $sum, 'at' => $at, 'length' => $length] = unpack('a4tag/Nsum/Nat/Nlength', $font, 12 + 16 * $table);
            // OpenType 1.9, “Calculating checksums”; the head's own is counted as nothing.
            $content = str_pad(substr($font, $at, $length), intdiv($length + 3, 4) * 4, "\0");
            $content = $tag === 'head' ? substr_replace($content, "\0\0\0\0", 8, 4) : $content;
            $this->assertSame($sum, array_sum(unpack('N*', $content)) % 2 ** 32, $tag);
        }
        $this->assertSame(['dejavusans', '●'], Face::Text->runs('●')[0], 'a mark that the face does not have');
        $this->assertCount(3, Face::Heading->runs('aŁb'), 'letters of other languages');

        foreach (['', 'wOF2'.substr($woff, 4), substr_replace($woff, 'zzzz', 500, 4)] as $damaged) {
            try {
                Woff::unpack($damaged);
                $this->fail('A damaged file was unpacked.');
            } catch (\UnexpectedValueException $refused) {
                $this->assertStringContainsString('WOFF', $refused->getMessage());
            }
        }
    }
}
