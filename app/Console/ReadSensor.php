<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\House\RecordClimate;
use Illuminate\Console\Command;

/** For a timer of the machine: takes a reading of the air. */
final class ReadSensor extends Command
{
    protected $signature = 'regimen:read-sensor';

    protected $description = 'Reads the climate sensor once and keeps what it says';

    public function handle(RecordClimate $record): int
    {
        $air = $record->fromSensor(null);
        $this->line("{$air->temperature} °C, {$air->humidity} %");

        return self::SUCCESS;
    }
}
