<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\Everything;
use App\Backups\UnusableCopy;
use App\Support\Audit;
use Illuminate\Console\Command;

final class TakeAlong extends Command
{
    protected $signature = 'regimen:export {file : the ZIP to write, which must not exist}';

    protected $description = 'Writes everything that the shop has recorded as one ZIP in open formats';

    public function handle(Everything $everything, Audit $audit): int
    {
        try {
            $everything->write((string) $this->argument('file'));
        } catch (UnusableCopy $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $audit->write('export', 'Everything was exported to '.basename((string) $this->argument('file')).'.', null);
        $this->line("Written: {$this->argument('file')}");

        return self::SUCCESS;
    }
}
