<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\Bench\Photograph;
use App\Support\PhotographFiles;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Photographs: known by what is in them, upright, without place and camera, small for pages and large beside the database. */
final class PhotographTest extends TestCase
{
    private int $operation;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
        $this->operation = $this->operation($this->build(), 'neck.square')->id;
    }

    /** @param  array<string, mixed>  $said */
    private function take(string $name, string $bytes, array $said = []): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->maker)->post("/operations/{$this->operation}/photographs", ['photograph' => UploadedFile::fake()->createWithContent($name, $bytes), ...$said]);
    }

    /** A JPEG of 40 × 20 whose left half is red, with what a camera writes beside it: turned, with a place and a name. */
    private static function fromCamera(int $orientation): string
    {
        $image = imagecreatetruecolor(40, 20);
        imagefilledrectangle($image, 0, 0, 19, 19, (int) imagecolorallocate($image, 220, 20, 20));
        ob_start();
        imagejpeg($image, null, 95);
        $jpeg = (string) ob_get_clean();
        // TIFF, little-endian: IFD0 with Make, Orientation and a pointer to a GPS directory (Exif 2.3, 4.6.2).
        $entries = pack('vvVV', 0x010F, 2, 12, 50).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('vvVV', 0x8825, 4, 1, 62);
        $tiff = "II*\0".pack('V', 8).pack('v', 3).$entries.pack('V', 0).'CameraMaker'."\0".pack('v', 1).pack('vvVa4', 0x0001, 2, 2, 'N').pack('V', 0);
        $exif = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    public function test_it_is_turned_upright_and_what_a_camera_writes_beside_it_is_gone(): void
    {
        $camera = self::fromCamera(6);
        $path = (string) tempnam(sys_get_temp_dir(), 'regimen-exif-');
        file_put_contents($path, $camera);
        $this->assertSame(6, (exif_read_data($path) ?: [])['Orientation'] ?? null, 'the picture says so');
        unlink($path);
        $this->take('a.jpg', $camera)->assertSessionHasNoErrors();
        $large = (string) $this->get('/photographs/1.jpg')->assertOk()->getContent();
        $this->assertSame([20, 40], array_slice((array) getimagesizefromstring($large), 0, 2), 'a quarter turn to the right');
        $shown = imagecreatefromstring($large);
        $this->assertNotFalse($shown);
        $red = imagecolorsforindex($shown, (int) imagecolorat($shown, 10, 5));
        $this->assertGreaterThan(150, $red['red'], 'what was left is up');
        foreach (['Exif', 'CameraMaker', 'GPS'] as $trace) {
            $this->assertStringNotContainsString($trace, $large);
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'a program' => ['a.jpg', "#!/bin/sh\nrm -rf /\n", 'JPEG, PNG and WebP are'];
        yield 'a program behind the first letters of a picture' => ['a.jpg', "\xFF\xD8\xFF\xE0<?php system('id');", 'photograph'];
        yield 'a page' => ['a.png', '<html><script>alert(1)</script></html>', 'JPEG, PNG and WebP are'];
        yield 'a drawing with a script' => ['a.svg', '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>', 'JPEG, PNG and WebP are'];
        yield 'HEIC' => ['a.heic', "\0\0\0\x18ftypheic\0\0\0\0mif1heic", 'HEIC'];
        yield 'HEIC that is called JPEG' => ['a.jpg', "\0\0\0\x18ftypmif1\0\0\0\0", 'HEIC'];
        yield 'a GIF' => ['a.gif', "GIF89a\x01\0\x01\0\0\0\0;", 'JPEG, PNG and WebP are'];
        yield '400 megapixels in 200 kB' => ['a.png', self::bomb(20_000, 20_000), '24 million pixels'];
        yield 'half a picture' => ['a.png', substr(self::bomb(40, 40), 0, 60), 'damaged'];
        yield 'nothing' => ['a.jpg', '', 'photograph'];
    }

    /** A PNG that says how large it is, of one colour. */
    private static function bomb(int $width, int $height): string
    {
        $chunk = static fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));

        return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0)).$chunk('IDAT', (string) gzcompress(str_repeat("\0", 200_000), 9)).$chunk('IEND', '');
    }

    #[DataProvider('refused')]
    public function test_what_is_no_photograph_is_refused_by_what_is_in_it(string $name, string $bytes, string $says): void
    {
        $this->take($name, $bytes)->assertSessionHasErrors('photograph');
        $this->assertStringContainsString($says, session('errors')->first('photograph'));
        $this->assertSame(0, Photograph::query()->count());
    }

    public function test_it_stands_with_its_gate_in_the_strip_and_is_chosen_for_the_client_by_the_manager(): void
    {
        $png = self::plain();
        $webp = imagecreatetruecolor(16, 12);
        ob_start();
        imagewebp($webp);
        $this->take('b.webp', (string) ob_get_clean(), ['caption' => 'the gap', 'gate' => '1'])->assertSessionHasNoErrors();
        $this->take('a.png', $png)->assertSessionHasNoErrors();
        $strip = $this->get('/builds/1')->inertiaProps('photographs');
        $this->assertSame([['gate', 'the gap', false], ['operation', '', false]], array_map(static fn (array $one): array => [$one['of'], $one['caption'], $one['client']], $strip));
        $choose = ['version' => 1, 'client' => true];
        $this->put('/photographs/1', $choose)->assertForbidden();
        $this->actingAs($this->manager->refresh())->put('/photographs/1', $choose)->assertSessionHasNoErrors();
        $this->put('/photographs/1', $choose)->assertSessionHasErrors('conflict');
        $this->assertSame([1], $this->get('/builds/1/facts')->inertiaProps('photographs'));
        $other = $this->build();
        $this->post("/builds/{$other->number}/setbacks", ['mishap' => 'crack', 'piece' => 'neck', 'text' => 'cracked', 'photograph' => UploadedFile::fake()->image('c.jpg', 20, 20)])->assertSessionHasNoErrors();
        $this->assertSame('setback', $this->get("/builds/{$other->number}")->inertiaProps('photographs.0.of'));
        $this->take('a.png', $png, ['setback' => 1])->assertSessionHasErrors('photograph');
    }

    public function test_a_file_that_is_gone_is_not_found_and_the_rest_of_the_page_stays(): void
    {
        $this->take('a.png', self::plain())->assertSessionHasNoErrors();
        $files = app(PhotographFiles::class);
        $sha = (string) Photograph::query()->value('sha256');
        foreach ([false, true] as $isSmall) {
            @unlink($files->file($sha, $isSmall));
        }
        $this->get('/photographs/1.jpg')->assertNotFound();
        $this->get('/photographs/1-small.jpg')->assertNotFound();
        $this->get('/builds/1')->assertOk();
    }

    private static function plain(): string
    {
        $image = imagecreatetruecolor(31, 17);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 12, 34, 56));
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
