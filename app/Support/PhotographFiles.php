<?php

declare(strict_types=1);

namespace App\Support;

use RuntimeException;

/**
 * The files of photographs, in a folder beside the shop's database: large as they were taken, and small for pages. They are
 * named by what is in them (SHA-256), written once and never changed, so that databases that lie together may share them.
 */
final readonly class PhotographFiles
{
    public function folder(): string
    {
        $database = (string) config('database.connections.sqlite.database');

        return $database === ':memory:' ? storage_path('framework/testing/photographs') : self::beside($database);
    }

    public static function beside(string $database): string
    {
        return dirname($database).'/photographs';
    }

    /**
     * @return string the name under which both are found
     *
     * @throws RuntimeException where there is no room
     */
    public function keep(string $large, string $small): string
    {
        $sha = hash('sha256', $large);
        self::write($this->file($sha, false), $large);
        self::write($this->file($sha, true), $small);

        return $sha;
    }

    public function file(string $sha, bool $isSmall): string
    {
        return self::in($this->folder(), $sha, $isSmall);
    }

    public static function in(string $folder, string $sha, bool $isSmall): string
    {
        return "{$folder}/".substr($sha, 0, 2)."/{$sha}".($isSmall ? '-small' : '').'.jpg';
    }

    /** @return string|null null where the file is not there any more */
    public function read(string $sha, bool $isSmall): ?string
    {
        $bytes = @file_get_contents($this->file($sha, $isSmall));

        return $bytes === false ? null : $bytes;
    }

    private static function write(string $file, string $bytes): void
    {
        if (is_file($file)) {
            return;
        }
        is_dir(dirname($file)) || @mkdir(dirname($file), 0700, true);
        $partial = $file.'.'.bin2hex(random_bytes(4)).'.partial';
        if (@file_put_contents($partial, $bytes) !== strlen($bytes) || ! @rename($partial, $file)) {
            @unlink($partial);
            throw new RuntimeException('The photograph could not be written: there is no room, or its folder cannot be written to.');
        }
        @chmod($file, 0600);
    }
}
