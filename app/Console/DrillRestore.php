<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\Copies;
use App\Backups\Drill;
use App\Backups\PhotographCopies;
use App\Backups\Restoring;
use App\Backups\ShopFile;
use App\Backups\UnusableCopy;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;

final class DrillRestore extends Command
{
    protected $signature = 'regimen:drill {file? : a copy; without one the newest of the folder}
        {--inside : opens the pages of the database that is set, as a part of the drill}';

    protected $description = 'Restores a copy into a temporary place, opens every page of it and compares what is in it';

    public function handle(Copies $copies, Restoring $restoring): int
    {
        if ($this->option('inside')) {
            $this->line(json_encode(app(Drill::class)->pages(), JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        }
        $file = (string) ($this->argument('file') ?? $copies->all()[0]->file ?? '');
        $folder = sys_get_temp_dir().'/regimen-drill-'.getmypid();
        $place = "{$folder}/shop.sqlite";
        $known = null;
        $passphrase = function () use (&$known): string {
            return $known ??= Passphrase::ask($this);
        };
        try {
            if ($file === '') {
                throw new UnusableCopy("There is no copy in {$copies->folder()} yet.");
            }
            File::ensureDirectoryExists($folder, 0700);
            $restoring->bring($file, $place, $passphrase);
            $missing = PhotographCopies::bringBack($file, $place, $passphrase);
            $this->line($missing === 0 ? 'All of its photographs are there.' : "{$missing} of its photographs are missing.");

            return $this->drill($file, $place);
        } catch (UnusableCopy $wrong) {
            $this->error($wrong->getMessage());

            return self::FAILURE;
        } finally {
            File::deleteDirectory($folder);
        }
    }

    private function drill(string $file, string $place): int
    {
        $there = ShopFile::counts($place);
        $here = ShopFile::counts((string) config('database.connections.sqlite.database'));
        $this->line("{$file}: whole, ".array_sum($there).' rows.');
        foreach ($here as $table => $rows) {
            if (($there[$table] ?? 0) !== $rows) {
                $this->line(sprintf('  %s: %d in the copy, %d in the shop now', $table, $there[$table] ?? 0, $rows));
            }
        }
        $opened = Process::env(['DB_DATABASE' => $place, 'QUEUE_CONNECTION' => 'sync', 'SESSION_DRIVER' => 'array'])->timeout(1200)
            ->run([PHP_BINARY, base_path('artisan'), 'regimen:drill', '--inside']);
        $statuses = $opened->successful()
            ? json_decode(trim($opened->output()), true, 4, JSON_THROW_ON_ERROR) : ['the shop' => trim($opened->errorOutput().$opened->output())];
        $failed = array_filter($statuses, static fn (mixed $status): bool => ! in_array($status, [200, 302], true));
        foreach ($failed as $address => $status) {
            $this->error("{$address}: {$status}");
        }
        $this->line(sprintf('%d of %d pages open.', count($statuses) - count($failed), count($statuses)));

        return $failed === [] ? self::SUCCESS : self::FAILURE;
    }
}
