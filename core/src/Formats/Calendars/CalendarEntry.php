<?php

declare(strict_types=1);

namespace Regimen\Formats\Calendars;

/** One entry of a calendar: a stretch of time, or whole days. Instants in minutes since 1970 UTC. */
final readonly class CalendarEntry
{
    private function __construct(
        public string $id,
        public string $summary,
        public string $description,
        public ?int $from,
        public ?int $to,
        public ?string $day,
        public bool $busy,
    ) {
    }

    /** @param  bool  $busy  whether it takes somebody's time; a hold only shows */
    public static function stretch(
        string $id,
        string $summary,
        string $description,
        int $from,
        int $to,
        bool $busy,
    ): self {
        return new self($id, $summary, $description, $from, $to, null, $busy);
    }

    /** @param  string  $day  YYYY-MM-DD */
    public static function day(string $id, string $summary, string $description, string $day): self
    {
        return new self($id, $summary, $description, null, null, $day, false);
    }
}
