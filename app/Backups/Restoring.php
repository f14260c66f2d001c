<?php

declare(strict_types=1);

namespace App\Backups;

use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;

/**
 * Puts a copy in the place of the shop's database. It is looked at first, brought up to date beside it, and then
 * renamed: at no moment is there no shop.
 */
final readonly class Restoring
{
    /**
     * @param  Closure(): string  $passphrase  asked for where the copy is sealed
     * @return string|null where the shop that was there before is kept
     *
     * @throws UnusableCopy with nothing changed
     */
    public function restore(string $file, string $shop, Closure $passphrase, bool $whileRunning = false): ?string
    {
        if (! $whileRunning && self::isRunning($shop)) {
            throw new UnusableCopy('The shop is running. Stop it first, or say --while-running.');
        }
        $new = "{$shop}.restoring";
        $this->bring($file, $new, $passphrase);
        $kept = $this->keep($shop);
        rename($new, $shop) || throw new UnusableCopy("{$shop} cannot be replaced.");

        return $kept;
    }

    /**
     * A copy opened and brought up to date in a place of its own.
     *
     * @param  Closure(): string  $passphrase
     *
     * @throws UnusableCopy with nothing left behind
     */
    public function bring(string $file, string $place, Closure $passphrase): void
    {
        try {
            $this->clear($place);
            if (! is_file($file) || ! is_readable($file)) {
                throw new UnusableCopy("{$file} is not there or cannot be read.");
            }
            if (Sealed::is($file)) {
                Sealed::open($file, $place, $passphrase());
            } elseif (! @copy($file, $place)) {
                throw new UnusableCopy("There is no room for it as {$place}.");
            }
            chmod($place, 0600);
            $looked = ShopFile::look($place);
            if ($looked->isNewer()) {
                throw new UnusableCopy('The copy was made by a newer version of Regimen. Bring the program up to date first.');
            }
            if ($looked->isOlder()) {
                $this->bringUpToDate($place);
            }
        } catch (UnusableCopy $wrong) {
            $this->clear($place);
            throw new UnusableCopy(str_replace($place, $file, $wrong->getMessage()));
        }
    }

    private function bringUpToDate(string $place): void
    {
        $migrated = Process::env(['DB_DATABASE' => $place])->timeout(600)
            ->run([PHP_BINARY, base_path('artisan'), 'migrate', '--force', '--no-interaction']);
        if ($migrated->failed() || ShopFile::look($place)->isOlder()) {
            throw new UnusableCopy('The older copy could not be brought up to date: '.trim($migrated->output()).'.');
        }
    }

    private function clear(string $place): void
    {
        array_map(unlink(...), array_filter([$place, "{$place}-wal", "{$place}-shm"], is_file(...)));
    }

    /** The present shop, whole or damaged, kept under another name; its place may be taken after it. */
    private function keep(string $shop): ?string
    {
        if (! is_file($shop) || filesize($shop) === 0) {
            return null;
        }
        $kept = $shop.'.before-'.date('Ymd-His');
        try {
            Copies::write($kept);
            DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        } catch (\PDOException|UnusableCopy) {
            // It is damaged, and perhaps therefore replaced: as it lies there.
            copy($shop, $kept) || throw new UnusableCopy("The present shop cannot be kept as {$kept}; nothing was changed.");
        }
        DB::disconnect();
        foreach (['-wal', '-shm'] as $beside) {
            if (is_file("{$shop}{$beside}")) {
                rename("{$shop}{$beside}", "{$kept}{$beside}");
            }
        }

        return $kept;
    }

    /** Whether a process serves this shop: it leaves its number beside it. */
    public static function isRunning(string $shop): bool
    {
        $number = is_file("{$shop}.running") ? (int) file_get_contents("{$shop}.running") : 0;

        return $number > 0 && is_dir("/proc/{$number}");
    }
}
