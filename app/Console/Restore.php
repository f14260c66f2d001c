<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class Restore extends Command
{
    protected $signature = 'regimen:restore {file : a copy that regimen:backup has written}';

    protected $description = 'Puts a copy of the shop’s database back and keeps the present one beside it';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        if (! $this->isShop($file)) {
            $this->error("{$file} is no copy of a shop’s database; nothing was changed.");

            return self::FAILURE;
        }
        $shop = (string) config('database.connections.sqlite.database');
        $kept = $shop.'.before-'.date('Ymd-His');
        if (is_file($shop) && filesize($shop) > 0) {
            DB::statement('VACUUM INTO ?', [$kept]);
            $this->line("The present shop is kept: {$kept}");
        }
        DB::disconnect();
        array_map(unlink(...), array_filter([$shop, "{$shop}-wal", "{$shop}-shm"], is_file(...)));
        copy($file, $shop);
        $this->line('Restored. Start the application again.');

        return self::SUCCESS;
    }

    private function isShop(string $file): bool
    {
        try {
            $database = new \PDO("sqlite:{$file}", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);

            $tables = $database->query(
                "SELECT count(*) FROM sqlite_master WHERE name IN ('shops', 'builds', 'log_entries')",
            );

            return $tables !== false && (int) $tables->fetchColumn() === 3;
        } catch (\PDOException) {
            return false;
        }
    }
}
