<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;

/** The shop's clock: the machine's, unless REGIMEN_NOW fixes it. */
final readonly class Clock
{
    private function __construct(private ?CarbonImmutable $fixed)
    {
    }

    /** @param  string|null  $setting  an ISO 8601 instant, or @file with one in it; empty for the machine's clock */
    public static function from(?string $setting): self
    {
        if ($setting === null || $setting === '') {
            return new self(null);
        }
        $instant = str_starts_with($setting, '@') ? trim((string) file_get_contents(substr($setting, 1))) : $setting;

        return new self(CarbonImmutable::parse($instant)->utc());
    }

    public function now(): CarbonImmutable
    {
        return $this->fixed ?? CarbonImmutable::now('UTC');
    }

    public function isFixed(): bool
    {
        return $this->fixed !== null;
    }

    /** Today's date in a zone, YYYY-MM-DD. */
    public function today(\DateTimeZone $zone): string
    {
        return $this->now()->setTimezone($zone)->format('Y-m-d');
    }
}
