<?php

declare(strict_types=1);

namespace App\Console\Serving;

use App\Planning\Plan\Thinning;
use App\Support\Kept;
use Illuminate\Console\Command;

/** Takes away of old plans what nobody can see any more, and what was kept for too long. */
final class Thin extends Command
{
    protected $signature = 'regimen:thin';

    protected $description = 'Thin old plans';

    protected $hidden = true;

    public function handle(Thinning $thinning): int
    {
        $thinning();
        Kept::prune();

        return self::SUCCESS;
    }
}
