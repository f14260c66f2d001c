<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\Restoring;
use App\Backups\UnusableCopy;
use App\Support\Audit;
use Illuminate\Console\Command;

final class Restore extends Command
{
    protected $signature = 'regimen:restore {file : a copy of the shop’s database}
        {--while-running : also while the shop is being served}';

    protected $description = 'Puts a copy of the shop’s database back and keeps the present one beside it';

    public function handle(Restoring $restoring): int
    {
        try {
            $kept = $restoring->restore(
                (string) $this->argument('file'), (string) config('database.connections.sqlite.database'),
                fn (): string => Passphrase::ask($this), (bool) $this->option('while-running'),
            );
        } catch (UnusableCopy $wrong) {
            $this->error("{$wrong->getMessage()} Nothing was changed.");

            return self::FAILURE;
        }
        if ($kept !== null) {
            $this->line("The shop as it was is kept: {$kept}");
        }
        app(Audit::class)->write('restore', 'The shop was restored from '.basename((string) $this->argument('file')).'.', null);
        // A worker that is still running has the old file open.
        $this->callSilently('queue:restart');
        $this->line('Restored. Start the application again.');

        return self::SUCCESS;
    }
}
