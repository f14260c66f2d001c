<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/** When a device or a calendar program last came by. It stands beside the database: looking writes nothing into the shop. */
final readonly class LastSeen
{
    /** Seconds between two notes. */
    private const EVERY = 300;

    private const DAYS = 60;

    public function __construct(private Clock $clock)
    {
    }

    public function note(string $who): void
    {
        $now = $this->clock->now();
        if ($this->at($who)?->addSeconds(self::EVERY)->gte($now) !== true) {
            Cache::put("seen.{$who}", $now->getTimestamp(), self::DAYS * 86_400);
        }
    }

    public function at(string $who): ?CarbonImmutable
    {
        $seen = Cache::get("seen.{$who}");

        // Some caches give a number back as text.
        return is_numeric($seen) ? CarbonImmutable::createFromTimestampUTC((int) $seen) : null;
    }
}
