<?php

declare(strict_types=1);

namespace App\Console\Serving;

use App\Support\Kept;
use Illuminate\Console\Command;

/** Works out once, for as long as the shop is served, what follows from its settings: they are read again at the next start. */
final class Settle extends Command
{
    protected $signature = 'regimen:settle';

    protected $description = 'Settle configuration, routes and events';

    protected $hidden = true;

    public function handle(): int
    {
        putenv('REGIMEN_SETTLED='.Kept::signed());
        foreach (['config:cache', 'route:cache', 'event:cache', 'view:cache'] as $command) {
            if ($this->callSilent($command) !== self::SUCCESS) {
                $this->error("{$command} failed.");

                return self::FAILURE;
            }
        }

        return self::SUCCESS;
    }
}
