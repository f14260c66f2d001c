<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Units\UnreadableFile;

/** Text out of a file from elsewhere: UTF-8, UTF-16 with or without its mark, or else Windows-1252 (which holds Latin-1). */
final class TextFile
{
    /**
     * @param  int  $most  bytes that such a file has at the most
     * @param  string  $kind  what kind of file it is, as in “a holiday calendar”
     * @param  bool  $isUnicode  whether its format has to be UTF-8 or UTF-16
     *
     * @throws UnreadableFile when it is too large or no text
     */
    public static function decoded(string $bytes, int $most, string $kind, bool $isUnicode = false): string
    {
        if (strlen($bytes) > $most) {
            $size = $most >= 1_000_000 ? ($most / 1_000_000).' MB' : ($most / 1_000).' kB';
            throw UnreadableFile::because("The file is larger than {$size}; {$kind} is not.");
        }
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            // The first sign of a table, a calendar or JSON is below 128: its other byte tells which way round it is.
            preg_match('/^[\x01-\x7F]\x00[\x01-\x7F]\x00/', $bytes) === 1 => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16LE'),
            preg_match('/^\x00[\x01-\x7F]\x00[\x01-\x7F]/', $bytes) === 1 => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            $isUnicode => throw UnreadableFile::at(self::firstWrongLine($bytes), 'it is not written in UTF-8'),
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
        foreach (["\0" => $text, "\u{FFFD}" => strlen($text) === strlen($bytes) ? '' : $text] as $sign => $within) {
            $at = strpos($within, $sign);
            if ($at !== false) {
                throw UnreadableFile::at(substr_count($text, "\n", 0, $at) + 1, 'it has signs that no text has');
            }
        }

        return $text;
    }

    private static function firstWrongLine(string $bytes): int
    {
        foreach (explode("\n", $bytes) as $index => $line) {
            if (! mb_check_encoding($line, 'UTF-8')) {
                return $index + 1;
            }
        }

        return 1;
    }
}
