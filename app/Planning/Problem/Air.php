<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\House\ClimateReading;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Support\Collection;
use Regimen\Route\Air\AirLimits;
use Regimen\Route\Air\Climate;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Air\SprayHours;
use Regimen\Schedule\Problem\Outage;
use Regimen\Units\Duration;

/** The air of the shop as it was read lately. Read once for each request. */
final class Air
{
    /** A reading says how it is now for half a day, and what holds go through for three. */
    private const NOW_HOURS = 12;

    private const LATELY_HOURS = 72;

    /** The air as a resource of the plan: as much as anybody wants, but not at every hour. */
    public const RESOURCE = 'air';

    /** The same for plates that are braced and boxes that are closed. */
    public const BOX = 'box-air';

    public const AMOUNT = 1_000;

    private const AHEAD_DAYS = 2;

    /** @var Collection<int, ClimateReading>|null */
    private ?Collection $readings = null;

    private ?Climate $lately = null;

    public function __construct(private readonly House $house, private readonly Clock $clock)
    {
    }

    public function forget(): void
    {
        $this->readings = $this->lately = null;
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

        return $this->lately ??= $readings->isEmpty() ? Climate::standard() : new Climate(
            (float) $readings->avg('temperature_tenths') / 10, (float) $readings->avg('humidity_tenths') / 10,
        );
    }

    public function stretched(int $minutes, ?HoldKind $kind): int
    {
        return $minutes === 0 ? 0 : $this->lately()->stretch(Duration::ofMinutes($minutes), $kind)->minutes;
    }

    /**
     * When the air is not to be worked in, as far as readings say: for the rest of today if it is not now, and on the
     * next days at the hours at which it lately was not.
     *
     * @return list<Outage>
     */
    public function outages(): array
    {
        return [...$this->without(self::RESOURCE, $this->house->rules()->spraying), ...$this->without(self::BOX, $this->house->rules()->closing())];
    }

    /** @return list<Outage> */
    private function without(string $resource, AirLimits $limits): array
    {
        $zone = $this->house->zone();
        $now = $this->clock->now()->setTimezone($zone);
        $today = $now->format('Y-m-d');
        $outages = [];
        $forbids = $this->against($limits);
        if ($forbids !== null) {
            $outages[] = new Outage($resource, Minutes::of($now), Minutes::endOfDay($today, $zone) + 1, $forbids, true);
        }
        $closed = SprayHours::closed($this->readings()->map(static fn (ClimateReading $reading): array => [
            $reading->at->setTimezone($zone)->format('Y-m-d'), (int) $reading->at->setTimezone($zone)->format('G'),
            $reading->climate(),
        ]), $limits);
        for ($ahead = $forbids === null ? 0 : 1; $ahead <= self::AHEAD_DAYS; $ahead++) {
            foreach ($closed as $hour => $why) {
                $from = $now->startOfDay()->addDays($ahead)->setTime($hour, 0);
                $outages[] = new Outage($resource, Minutes::of($from), Minutes::of($from->addHour()), "{$why}, as lately at that hour", true);
            }
        }

        return $outages;
    }

    /** What forbids spraying now, as far as is known; null if nothing was read. */
    public function forbidsSpraying(): ?string
    {
        return $this->against($this->house->rules()->spraying);
    }

    /** What forbids bracing a plate or closing a box now, as far as is known; null if nothing was read. */
    public function forbidsClosing(): ?string
    {
        return $this->against($this->house->rules()->closing());
    }

    private function against(AirLimits $limits): ?string
    {
        $now = $this->now();

        return $now === null ? null : $limits->against($now->climate());
    }

    /** @return Collection<int, ClimateReading> the latest first */
    private function readings(): Collection
    {
        return $this->readings ??= ClimateReading::query()
            ->whereBetween('at', [$this->clock->now()->subHours(self::LATELY_HOURS), $this->clock->now()])
            ->orderByDesc('at')->get()->toBase();
    }
}
