<?php

declare(strict_types=1);

namespace App\Backups;

use App\Support\PhotographFiles;
use App\Support\Picture;
use Illuminate\Support\Facades\DB;
use JsonException;
use ZipArchive;

/** Takes everything that another shop took along (Everything) into an empty one: all of it, or nothing. */
final class TakeIn
{
    private const MOST_BYTES = 2_000_000_000;

    private const AT_ONCE = 200;

    /**
     * @return int how many rows
     *
     * @throws UnusableCopy with nothing changed
     */
    public function read(string $file): int
    {
        $zip = new ZipArchive;
        if (! is_file($file) || $zip->open($file, ZipArchive::RDONLY) !== true) {
            throw new UnusableCopy("{$file} is no ZIP file, or is damaged.");
        }
        $contents = self::contents($zip, $file);
        if (DB::table('people')->exists() || DB::table('builds')->exists()) {
            throw new UnusableCopy('There is a shop here already. Everything is taken in by an empty one only.');
        }
        $tables = self::tables($zip, $contents);

        return DB::transaction(static function () use ($zip, $tables): int {
            DB::statement('PRAGMA defer_foreign_keys = ON');
            foreach (array_keys($tables) as $table) {
                DB::table($table)->delete();
            }
            $count = 0;
            foreach ($tables as $table => $sum) {
                $rows = self::rows($zip, $table, $sum);
                foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                    // A statement has room for so many values: what is wide is written in smaller parts.
                    foreach (array_chunk($some, max(1, intdiv(900, max(1, count($some[0]))))) as $part) {
                        DB::table($table)->insert($part);
                    }
                }
                $count += count($rows);
            }
            self::photographs($zip);
            $wrong = DB::select('PRAGMA foreign_key_check');
            if ($wrong !== []) {
                throw new UnusableCopy("A row of {$wrong[0]->table} belongs to something that is not in the file.");
            }

            return $count;
        });
    }

    /** @return array<string, mixed> */
    private static function contents(ZipArchive $zip, string $file): array
    {
        try {
            $contents = json_decode((string) $zip->getFromName('contents.json', 10_000_000), true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $contents = null;
        }
        if (! is_array($contents) || ($contents['format'] ?? '') !== Everything::FORMAT || ! is_array($contents['tables'] ?? null)) {
            throw new UnusableCopy("{$file} is not what a shop takes along: it has no contents.json of Regimen.");
        }
        $known = array_map(static fn (string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
        if (($contents['version'] ?? 0) !== Everything::VERSION || array_diff((array) ($contents['migrations'] ?? []), $known) !== []) {
            throw new UnusableCopy('It was made by a newer version of Regimen. Bring the program up to date first.');
        }

        return $contents;
    }

    /**
     * @param  array<string, mixed>  $contents
     * @return array<string, string> SHA-256 by table
     */
    private static function tables(ZipArchive $zip, array $contents): array
    {
        $tables = [];
        $bytes = 0;
        foreach ((array) $contents['tables'] as $table => $told) {
            $stat = $zip->statName("data/{$table}.json");
            if (! in_array($table, Everything::tables(), true) || ! is_array($told) || $stat === false) {
                throw new UnusableCopy("The table {$table} is not known here, or its file is missing.");
            }
            $bytes += $stat['size'];
            $tables[(string) $table] = (string) ($told['sha256'] ?? '');
        }

        return $bytes <= self::MOST_BYTES ? $tables : throw new UnusableCopy('The file is too large to be a shop’s.');
    }

    /** The files of photographs; what lies in the file under another one's name is not taken. */
    private static function photographs(ZipArchive $zip): void
    {
        foreach (DB::table('photographs')->orderBy('id')->get(['id', 'sha256']) as $one) {
            $bytes = $zip->getFromName("photographs/{$one->id}.jpg");
            if ($bytes === false) {
                continue;
            }
            if (! hash_equals((string) $one->sha256, hash('sha256', $bytes))) {
                throw new UnusableCopy("photographs/{$one->id}.jpg is damaged: it is not what data/photographs.json says.");
            }
            app(PhotographFiles::class)->keep($bytes, Picture::drawn($bytes)->small);
        }
    }

    /** @return list<array<string, int|float|string|null>> */
    private static function rows(ZipArchive $zip, string $table, string $sum): array
    {
        $json = (string) $zip->getFromName("data/{$table}.json");
        if (! hash_equals($sum, hash('sha256', $json))) {
            throw new UnusableCopy("data/{$table}.json is damaged: it is not what contents.json says.");
        }
        $known = array_flip(Everything::columns($table));
        $rows = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
        foreach ($rows as $row) {
            if (! is_array($row) || array_diff_key($row, $known) !== []) {
                throw new UnusableCopy("data/{$table}.json has a column that is not known here.");
            }
        }

        return $rows;
    }
}
