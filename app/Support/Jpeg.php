<?php

declare(strict_types=1);

namespace App\Support;

use GdImage;
use Illuminate\Http\UploadedFile;

/** A photograph as it is kept: upright, at most 1600 pixels wide or high, and without what a camera writes beside it. */
final readonly class Jpeg
{
    private const MOST = 1_600;

    /** More pixels than that are not unpacked: what is small as a file may be very large in memory. */
    private const MOST_PIXELS = 40_000_000;

    private const TURNED = [3 => 180, 6 => -90, 8 => 90];

    private function __construct(public string $bytes, public int $width, public int $height)
    {
    }

    /** @param  string  $field  at which is said what is wrong with it */
    public static function of(UploadedFile $file, string $field): self
    {
        $wrong = static fn (string $words): \Throwable => Refused::because($words, $field);
        $path = (string) $file->getRealPath();
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw $wrong('That is no photograph that can be read. JPEG, PNG and WebP are.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw $wrong('That photograph has more than 40 million pixels. Take it smaller.');
        }
        $image = @imagecreatefromstring((string) file_get_contents($path));
        if ($image === false) {
            throw $wrong('That photograph is damaged. Take it again.');
        }

        return self::written(self::small(self::upright($image, $path, $size[2])));
    }

    private static function upright(GdImage $image, string $path, int $type): GdImage
    {
        $told = $type === IMAGETYPE_JPEG && function_exists('exif_read_data') ? @exif_read_data($path) : false;
        $turned = self::TURNED[is_array($told) ? (int) ($told['Orientation'] ?? 1) : 1] ?? 0;
        $upright = $turned === 0 ? $image : imagerotate($image, $turned, 0);

        return $upright instanceof GdImage ? $upright : $image;
    }

    private static function small(GdImage $image): GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $times = min(1.0, self::MOST / max($width, $height));
        $small = imagecreatetruecolor(max(1, (int) round($width * $times)), max(1, (int) round($height * $times)));
        imagefill($small, 0, 0, (int) imagecolorallocate($small, 255, 255, 255));
        imagecopyresampled($small, $image, 0, 0, 0, 0, imagesx($small), imagesy($small), $width, $height);

        return $small;
    }

    private static function written(GdImage $image): self
    {
        ob_start();
        imagejpeg($image, null, 82);

        return new self((string) ob_get_clean(), imagesx($image), imagesy($image));
    }
}
