<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use App\Actions\House\OpenShop;
use Illuminate\Database\Seeder;

/** A shop with its manager, for a process of its own. */
final class ShopSeeder extends Seeder
{
    public function run(OpenShop $openShop): void
    {
        $openShop('The shop', 'EUR', 'Europe/Berlin', 'Ines', 'ines@example.org', 'long-bench-2026');
    }
}
