<?php

declare(strict_types=1);

namespace App\Backups;

use App\Support\PhotographFiles;
use Closure;
use PDO;

/** The files of photographs beside copies of the shop: only those that are not there yet are copied, sealed like the copies. */
final readonly class PhotographCopies
{
    /**
     * @param  string  $copy  a copy of the database, whose photographs go into the folder beside it
     *
     * @throws UnusableCopy when one could not be written
     */
    public static function keep(string $shop, string $copy, ?string $key, ?string $salt): void
    {
        $from = PhotographFiles::beside($shop);
        $to = PhotographFiles::beside($copy);
        if (realpath($from) !== false && realpath($from) === realpath($to)) {
            return;
        }
        foreach (self::named($copy) as $sha) {
            foreach ([false, true] as $isSmall) {
                [$there, $here] = [PhotographFiles::in($from, $sha, $isSmall), PhotographFiles::in($to, $sha, $isSmall).($key === null ? '' : '.sealed')];
                if (is_file($here) || ! is_file($there)) {
                    continue;
                }
                is_dir(dirname($here)) || @mkdir(dirname($here), 0700, true);
                $key === null ? self::copy($there, "{$here}.partial") : Sealed::write($there, "{$here}.partial", $key, (string) $salt);
                rename("{$here}.partial", $here);
            }
        }
    }

    /**
     * Brings back what a restored shop names and lacks.
     *
     * @param  Closure(): string  $passphrase
     * @return int how many photographs are missing still
     */
    public static function bringBack(string $copy, string $shop, Closure $passphrase): int
    {
        $missing = 0;
        foreach (self::named($shop) as $sha) {
            foreach ([false, true] as $isSmall) {
                $here = PhotographFiles::in(PhotographFiles::beside($shop), $sha, $isSmall);
                $there = PhotographFiles::in(PhotographFiles::beside($copy), $sha, $isSmall);
                if (is_file($here)) {
                    continue;
                }
                is_dir(dirname($here)) || @mkdir(dirname($here), 0700, true);
                match (true) {
                    is_file($there) => self::copy($there, "{$here}.partial"),
                    is_file("{$there}.sealed") => Sealed::open("{$there}.sealed", "{$here}.partial", $passphrase()),
                    default => null,
                };
                $isWhole = is_file("{$here}.partial") && ($isSmall || hash_file('sha256', "{$here}.partial") === $sha);
                $isWhole ? rename("{$here}.partial", $here) : @unlink("{$here}.partial");
                $missing += $isWhole || $isSmall ? 0 : 1;
            }
        }

        return $missing;
    }

    /** @return list<string> the photographs that a database names */
    private static function named(string $database): array
    {
        $pdo = new PDO("sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);
        $rows = $pdo->query("SELECT DISTINCT sha256 FROM photographs WHERE sha256 <> ''");

        return $rows === false ? [] : array_map(strval(...), array_values($rows->fetchAll(PDO::FETCH_COLUMN)));
    }

    private static function copy(string $from, string $to): void
    {
        // On the same disk it is the same file under another name: neither is ever changed.
        if (! @link($from, $to) && ! @copy($from, $to)) {
            @unlink($to);
            throw new UnusableCopy("A photograph could not be copied to {$to}; the disk may be full.");
        }
    }
}
