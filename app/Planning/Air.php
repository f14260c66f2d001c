<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\ClimateReading;
use App\Support\Clock;
use Illuminate\Support\Collection;
use Regimen\Route\Climate;
use Regimen\Route\HoldKind;
use Regimen\Units\Duration;

/** The air of the shop as it was read lately. Read once for each request. */
final class Air
{
    /** A reading says how it is now for half a day, and what holds go through for three. */
    private const NOW_HOURS = 12;

    private const LATELY_HOURS = 72;

    /** @var Collection<int, ClimateReading>|null */
    private ?Collection $readings = null;

    public function __construct(private readonly House $house, private readonly Clock $clock)
    {
    }

    public function forget(): void
    {
        $this->readings = null;
    }

    public function now(): ?ClimateReading
    {
        $latest = $this->readings()->first();

        return $latest !== null && $latest->at > $this->clock->now()->subHours(self::NOW_HOURS) ? $latest : null;
    }

    /** The mean of the last three days; the standards' own air if nothing was read. */
    public function lately(): Climate
    {
        $readings = $this->readings();

        return $readings->isEmpty() ? Climate::standard() : new Climate((float) $readings->avg('temperature_tenths') / 10, (float) $readings->avg('humidity_tenths') / 10);
    }

    public function stretched(int $minutes, ?HoldKind $kind): int
    {
        return $minutes === 0 ? 0 : $this->lately()->stretch(Duration::ofMinutes($minutes), $kind)->minutes;
    }

    /** What forbids spraying now, as far as is known; null if nothing was read. */
    public function forbidsSpraying(): ?string
    {
        $now = $this->now();

        return $now === null ? null : $this->house->rules()->spraying->against($now->climate());
    }

    /** @return Collection<int, ClimateReading> the latest first */
    private function readings(): Collection
    {
        return $this->readings ??= ClimateReading::query()
            ->whereBetween('at', [$this->clock->now()->subHours(self::LATELY_HOURS), $this->clock->now()])
            ->orderByDesc('at')->get()->toBase();
    }
}
