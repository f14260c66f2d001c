<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\UploadedFile;
use Intervention\Image\ImageManager;
use Throwable;

/**
 * A photograph as it is kept: known by what is in it and not by its name, turned upright, without place and camera, large as it
 * was taken and small for pages.
 */
final readonly class Picture
{
    public const MOST_KILOBYTES = 20_480;

    /** More pixels than that are not unpacked: what is small as a file may be very large in memory. */
    private const MOST_PIXELS = 24_000_000;

    /** The longer side of the small one. */
    private const SMALL = 960;

    private const QUALITY = 85;

    private const READ = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    private const HEIC = ['heic', 'heix', 'hevc', 'hevx', 'heim', 'heis', 'mif1', 'msf1'];

    private function __construct(public string $large, public string $small, public int $width, public int $height)
    {
    }

    /** @param  string  $field  at which is said what is wrong with it */
    public static function of(UploadedFile $file, string $field): self
    {
        $path = (string) $file->getRealPath();
        self::mustBeReadable($path, (int) $file->getSize(), $field);

        return self::from($path, $field);
    }

    /** Of bytes that the program has made itself. */
    public static function drawn(string $bytes): self
    {
        return self::from($bytes, 'photograph');
    }

    private static function mustBeReadable(string $path, int $bytes, string $field): void
    {
        $head = (string) @file_get_contents($path, length: 16);
        if (substr($head, 4, 4) === 'ftyp' && in_array(substr($head, 8, 4), self::HEIC, true)) {
            throw Refused::because('That is a HEIC photograph, which browsers do not show. Let the telephone take JPEG (“most compatible”), or send it as JPEG.', $field);
        }
        $size = @getimagesize($path);
        $wrong = match (true) {
            $size === false || ! in_array($size[2], self::READ, true) => 'That is no photograph that can be read. JPEG, PNG and WebP are.',
            $bytes > self::MOST_KILOBYTES * 1024 => 'That photograph has more than 20 MB. Take it smaller.',
            $size[0] * $size[1] > self::MOST_PIXELS => 'That photograph has more than 24 million pixels. Take it smaller.',
            default => null,
        };
        if ($wrong !== null) {
            throw Refused::because($wrong, $field);
        }
    }

    private static function from(string $source, string $field): self
    {
        try {
            // Written anew from its pixels alone: nothing that stood beside them comes along. What is clear is white.
            $image = ImageManager::gd(autoOrientation: true, blendingColor: 'ffffff', strip: true)->read($source);
            [$width, $height] = [$image->width(), $image->height()];
            $large = $image->toJpeg(self::QUALITY)->toString();
            $small = $image->scaleDown(self::SMALL, self::SMALL)->toJpeg(self::QUALITY)->toString();

            return new self($large, $small, $width, $height);
        } catch (Throwable) {
            throw Refused::because('That photograph is damaged. Take it again.', $field);
        }
    }
}
