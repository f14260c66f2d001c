<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\House\KeepCopy;
use App\Backups\Copies;
use App\Backups\PhotographCopies;
use App\Backups\UnusableCopy;
use Illuminate\Console\Command;

final class Backup extends Command
{
    protected $signature = 'regimen:backup {file? : the file to write, which must not exist}
        {--nightly : into the shop’s folder of copies, if one is due}';

    protected $description = 'Writes a consistent copy of the shop’s database, also while it is in use';

    public function handle(Copies $copies, KeepCopy $keepCopy): int
    {
        if ($this->option('nightly')) {
            return ! $copies->isDue() || $keepCopy(null) === null ? self::SUCCESS : self::FAILURE;
        }
        $file = (string) $this->argument('file');
        if ($file === '' || file_exists($file)) {
            $this->error($file === '' ? 'Name the file to write.' : "{$file} exists already; nothing was overwritten.");

            return self::FAILURE;
        }
        try {
            Copies::write($file);
            PhotographCopies::keep((string) config('database.connections.sqlite.database'), $file, null, null);
        } catch (UnusableCopy $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->line("Written: {$file}");

        return self::SUCCESS;
    }
}
