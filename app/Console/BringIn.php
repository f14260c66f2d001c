<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\TakeIn;
use App\Backups\UnusableCopy;
use Illuminate\Console\Command;

final class BringIn extends Command
{
    protected $signature = 'regimen:import {file : a ZIP that regimen:export has written}';

    protected $description = 'Takes everything that another shop exported into this one, which has to be empty';

    public function handle(TakeIn $takeIn): int
    {
        try {
            $this->line("{$takeIn->read((string) $this->argument('file'))} rows taken in. Everybody signs in as before.");
        } catch (UnusableCopy $wrong) {
            $this->error("{$wrong->getMessage()} Nothing was changed.");

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
