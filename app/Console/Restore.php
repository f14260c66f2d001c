<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\Forgotten;
use App\Backups\PhotographCopies;
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
        [$file, $shop] = [(string) $this->argument('file'), (string) config('database.connections.sqlite.database')];
        $known = null;
        $passphrase = function () use (&$known): string {
            return $known ??= Passphrase::ask($this);
        };
        try {
            $kept = $restoring->restore($file, $shop, $passphrase, (bool) $this->option('while-running'));
            $missing = PhotographCopies::bringBack($file, $shop, $passphrase);
        } catch (UnusableCopy $wrong) {
            $this->error("{$wrong->getMessage()} Nothing was changed.");

            return self::FAILURE;
        }
        if ($kept !== null) {
            $this->line("The shop as it was is kept: {$kept}");
        }
        if ($missing > 0) {
            $this->warn("{$missing} photographs are not beside the copy; everything else of them is there.");
        }
        $again = app(Forgotten::class)->again();
        $again === 0 || $this->line($again === 1 ? 'A client who was deleted on request since then is deleted again.' : "{$again} clients who were deleted on request since then are deleted again.");
        app(Audit::class)->write('restore', 'The shop was restored from '.basename($file).'.', null);
        // A worker that is still running has the old file open.
        $this->callSilently('queue:restart');
        $this->line('Restored. Start the application again.');

        return self::SUCCESS;
    }
}
