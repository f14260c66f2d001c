<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class Backup extends Command
{
    protected $signature = 'regimen:backup {file : the file to write, which must not exist}';

    protected $description = 'Writes a consistent copy of the shop’s database, also while it is in use';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        if (file_exists($file)) {
            $this->error("{$file} exists already; nothing was overwritten.");

            return self::FAILURE;
        }
        DB::statement('VACUUM INTO ?', [$file]);
        $this->line("Written: {$file}");

        return self::SUCCESS;
    }
}
