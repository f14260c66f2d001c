<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\House\Chores;
use App\Models\House\Shop;
use App\Support\Say;
use Illuminate\Console\Command;

/** Chores that were not done on their day are planned again; done by the clock every night. */
final class CarryChores extends Command
{
    protected $signature = 'regimen:chores';

    protected $description = 'Plans chores that were not done on their day for the next one';

    public function handle(Chores $chores): int
    {
        $count = Shop::query()->exists() ? $chores->carryOver() : 0;
        $this->info($count === 0 ? 'Nothing was left.' : ucfirst(Say::count($count, 'chore')).' planned again.');

        return self::SUCCESS;
    }
}
