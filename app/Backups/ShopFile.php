<?php

declare(strict_types=1);

namespace App\Backups;

use PDO;
use PDOException;

/** A database file looked at from outside, without changing it: whether it is a shop, whole, and of which age. */
final readonly class ShopFile
{
    private const TABLES = ['shops', 'people', 'builds', 'log_entries', 'migrations'];

    /** @param  list<string>  $migrations  those that have been made in it */
    private function __construct(private array $migrations)
    {
    }

    /** @throws UnusableCopy when it is no shop, or damaged */
    public static function look(string $file): self
    {
        if (! is_file($file) || ! is_readable($file)) {
            throw new UnusableCopy("{$file} is not there or cannot be read.");
        }
        if (file_get_contents($file, length: 16) !== "SQLite format 3\0") {
            throw new UnusableCopy("{$file} is no copy of a shop’s database.");
        }
        try {
            $database = self::readOnly($file);
            $wrong = [
                ...array_diff(self::column($database, 'PRAGMA integrity_check'), ['ok']),
                ...self::column($database, 'PRAGMA foreign_key_check'),
            ];
            if ($wrong !== []) {
                throw new UnusableCopy("{$file} is damaged: {$wrong[0]}.");
            }
            $tables = self::column($database, "SELECT name FROM sqlite_master WHERE type = 'table'");
            if (array_diff(self::TABLES, $tables) !== []) {
                throw new UnusableCopy("{$file} is a database, and no copy of a shop’s.");
            }

            return new self(self::column($database, 'SELECT migration FROM migrations ORDER BY migration'));
        } catch (PDOException $failed) {
            throw new UnusableCopy("{$file} is damaged: {$failed->getMessage()}.");
        }
    }

    /** Made by a version of the program that is newer than this one. */
    public function isNewer(): bool
    {
        return array_diff($this->migrations, self::known()) !== [];
    }

    public function isOlder(): bool
    {
        return ! $this->isNewer() && array_diff(self::known(), $this->migrations) !== [];
    }

    /** @return list<string> the migrations of this version of the program */
    public static function known(): array
    {
        return array_map(
            static fn (string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: [],
        );
    }

    /** @return array<string, int> how many rows each table has */
    public static function counts(string $file): array
    {
        $database = self::readOnly($file);
        $counts = [];
        foreach (self::column(
            $database, "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE 'log_search%' ORDER BY name",
        ) as $table) {
            $counts[$table] = (int) self::column($database, "SELECT count(*) FROM \"{$table}\"")[0];
        }

        return $counts;
    }

    private static function readOnly(string $file): PDO
    {
        return new PDO("sqlite:{$file}", options: [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY,
        ]);
    }

    /** @return list<string> the first column */
    private static function column(PDO $database, string $sql): array
    {
        $rows = $database->query($sql);

        return $rows === false ? [] : array_map(strval(...), array_values($rows->fetchAll(PDO::FETCH_COLUMN)));
    }
}
