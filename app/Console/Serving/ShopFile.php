<?php

declare(strict_types=1);

namespace App\Console\Serving;

use Illuminate\Console\Command;

/** Says where the shop's database is, for whoever looks after it from outside. */
final class ShopFile extends Command
{
    protected $signature = 'regimen:shop-file';

    protected $description = 'The file of the shop';

    protected $hidden = true;

    public function handle(): int
    {
        $this->line((string) config('database.connections.sqlite.database'));

        return self::SUCCESS;
    }
}
