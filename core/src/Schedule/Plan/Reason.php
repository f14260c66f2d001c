<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Release;

/** Why an activity is not earlier. */
final readonly class Reason
{
    /**
     * @param  string|null  $activity  the activity that is waited for, or that has the person or the resource
     * @param  string|null  $resource  the station, fixture or piece that is taken
     * @param  string|null  $cause  in words, for releases and lags
     */
    private function __construct(
        public ReasonKind $kind,
        public int|string|null $activity = null,
        public ?string $resource = null,
        public ?string $cause = null,
    ) {
    }

    /** As it was kept. */
    public static function kept(ReasonKind $kind, int|string|null $activity, ?string $resource, ?string $cause): self
    {
        return new self($kind, $activity, $resource, $cause);
    }

    public static function now(): self
    {
        return new self(ReasonKind::Now);
    }

    public static function started(): self
    {
        return new self(ReasonKind::Started);
    }

    public static function link(Predecessor $predecessor): self
    {
        return new self(
            $predecessor->lagCause === null ? ReasonKind::Link : ReasonKind::Lag, $predecessor->activity,
            cause: $predecessor->lagCause,
        );
    }

    public static function release(Release $release): self
    {
        return new self(ReasonKind::Release, cause: $release->cause);
    }

    public static function person(int|string $activity): self
    {
        return new self(ReasonKind::Person, $activity);
    }

    public static function resource(string $resource, int|string $activity): self
    {
        return new self(ReasonKind::Resource, $activity, $resource);
    }

    /** @param  string|null  $activity  what was over before, while nobody was there to go on */
    public static function calendar(int|string|null $activity = null): self
    {
        return new self(ReasonKind::Calendar, $activity);
    }

    public static function outage(Outage $outage): self
    {
        return new self(
            $outage->climate ? ReasonKind::Climate : ReasonKind::Outage, resource: $outage->resource,
            cause: $outage->cause,
        );
    }

    /** A station or a fixture that has hours of its own is not open sooner. */
    public static function hours(string $resource): self
    {
        return new self(ReasonKind::Hours, resource: $resource);
    }

    /**
     * Nobody able has as long in one go before.
     *
     * @param  int|string|null  $activity  what was over before it
     */
    public static function sitting(int|string|null $activity): self
    {
        return new self(ReasonKind::Sitting, $activity);
    }

    /** @param  int|string|null  $activity  what whoever could help was busy with; null where they were not there */
    public static function hands(int|string|null $activity): self
    {
        return new self(ReasonKind::Hands, $activity);
    }

    /** @param  string|null  $after  the activity behind which it was pinned; null where it was pinned to a day */
    public static function pin(int|string|null $after): self
    {
        return new self(ReasonKind::Pin, $after);
    }

    public static function announced(): self
    {
        return new self(ReasonKind::Announced);
    }

    public static function window(): self
    {
        return new self(ReasonKind::Window);
    }

    public static function setUp(string $station, int|string $activity): self
    {
        return new self(ReasonKind::SetUp, $activity, $station);
    }
}
