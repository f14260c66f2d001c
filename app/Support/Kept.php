<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Cache\FileStore;
use Illuminate\Support\Facades\Cache;

/** What is worked out of something that never changes is worked out once, and kept as long as the program is the same. */
final class Kept
{
    private const DAYS = 60;

    /** Where the program says what it makes of a specification. */
    private const PROGRAM = ['core/src', 'app/Pages', 'app/Queries/Specification'];

    private static ?string $program = null;

    /**
     * @template T
     *
     * @param  string  $what  a name for it
     * @param  string  $from  all that it is made of
     * @param  Closure(): T  $make
     * @param  int  $days  for which it is kept
     * @return T
     */
    public static function of(string $what, string $from, Closure $make, int $days = self::DAYS): mixed
    {
        return Cache::remember("kept.{$what}.".hash('xxh128', self::program().$from), $days * 86_400, $make);
    }

    /** Takes away what is kept in files for longer than it was to be: they would stay there for ever. */
    public static function prune(): void
    {
        $store = Cache::store()->getStore();
        if (! $store instanceof FileStore || ! is_dir($store->getDirectory())) {
            return;
        }
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($store->getDirectory(), \FilesystemIterator::SKIP_DOTS)) as $file) {
            /** @var \SplFileInfo $file */
            // The first ten characters say until when, in seconds since 1970.
            $until = @file_get_contents($file->getPathname(), length: 10);
            if (is_string($until) && ctype_digit($until) && (int) $until < time()) {
                @unlink($file->getPathname());
            }
        }
    }

    /** A sign of the program as it is; where it is served it was settled at the start. */
    public static function program(): string
    {
        return self::$program ??= (string) (config('regimen.program') ?? self::signed());
    }

    public static function signed(): string
    {
        $all = hash_init('xxh128');
        foreach (self::PROGRAM as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS)) as $file) {
                /** @var \SplFileInfo $file */
                hash_update($all, "{$file->getPathname()} {$file->getSize()} {$file->getMTime()}\n");
            }
        }

        return hash_final($all);
    }
}
