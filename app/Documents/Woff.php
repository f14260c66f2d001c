<?php

declare(strict_types=1);

namespace App\Documents;

use UnexpectedValueException;

/** A face as it is sent to browsers, unpacked to what a document embeds (WOFF File Format 1.0, W3C 2012, sections 3–5). */
final class Woff
{
    private const HEADER = 44;

    private const ENTRY = 20;

    /**
     * The font with its tables as they were before they were compressed.
     *
     * @throws UnexpectedValueException when it is no WOFF file, or is damaged
     */
    public static function unpack(string $woff): string
    {
        if (! str_starts_with($woff, 'wOFF') || strlen($woff) < self::HEADER) {
            throw new UnexpectedValueException('This is no WOFF file.');
        }
        $count = self::number($woff, 12, 2);
        $directory = '';
        $tables = '';
        for ($table = 0; $table < $count; $table++) {
            $at = self::HEADER + self::ENTRY * $table;
            $whole = self::number($woff, $at + 12, 4);
            $content = self::content($woff, $at, $whole);
            $directory .= substr($woff, $at, 4).substr($woff, $at + 16, 4)
                .pack('NN', 12 + 16 * $count + strlen($tables), $whole);
            $tables .= str_pad($content, intdiv($whole + 3, 4) * 4, "\0");
        }
        $power = 2 ** (int) floor(log(max(1, $count), 2));

        return substr($woff, 4, 4)
            .pack('nnnn', $count, 16 * $power, (int) log($power, 2), 16 * $count - 16 * $power)
            .$directory.$tables;
    }

    private static function content(string $woff, int $entry, int $whole): string
    {
        $packed = substr($woff, self::number($woff, $entry + 4, 4), self::number($woff, $entry + 8, 4));
        $content = strlen($packed) < $whole ? @gzuncompress($packed) : $packed;
        if ($content === false || strlen($content) !== $whole) {
            throw new UnexpectedValueException('A table of this WOFF file is damaged: '.substr($woff, $entry, 4).'.');
        }

        return $content;
    }

    private static function number(string $bytes, int $at, int $length): int
    {
        $number = unpack($length === 2 ? 'n' : 'N', $bytes, $at);

        return is_array($number) && is_int($number[1]) ? $number[1] : 0;
    }
}
