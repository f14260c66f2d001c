<?php

declare(strict_types=1);

namespace App\Console;

use App\Planning\Clients\Forgetting;
use App\Planning\House\House;
use App\Support\Clock;
use Illuminate\Console\Command;

final class ForgetClients extends Command
{
    protected $signature = 'regimen:forget';

    protected $description = 'Empties the names and addresses that were kept for papers, once their time is over';

    public function handle(Forgetting $forgetting, House $house, Clock $clock): int
    {
        $count = $forgetting->afterItsTime($clock->today($house->zone()));
        $this->line($count === 0 ? 'Nothing is over.' : "{$count} emptied.");

        return self::SUCCESS;
    }
}
