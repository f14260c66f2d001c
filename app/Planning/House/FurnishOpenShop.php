<?php

declare(strict_types=1);

namespace App\Planning\House;

use App\Models\House\Shop;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\NoPendingMigrations;

/** When a new version is started: a shop that is open already gets the operations, parts and prices that came with it. */
final readonly class FurnishOpenShop
{
    public function __construct(private Furnishing $furnishing)
    {
    }

    public function handle(MigrationsEnded|NoPendingMigrations $event): void
    {
        if ($event->method === 'up' && Shop::query()->exists()) {
            $this->furnishing->complete();
        }
    }
}
