<?php

declare(strict_types=1);

namespace Regimen\Schedule\Time;

/** A calendar that never has an hour of work to give. */
final class NoWorkingTime extends \DomainException
{
    public static function within(string $whose, int $years): self
    {
        return new self("{$whose} has no hours left for it within {$years} years. Check hours, holds and dates.");
    }

    public static function together(): self
    {
        return new self(
            'What it needs is not open while somebody works who can do it. Change its hours under House, or theirs under '
                .'People.',
        );
    }

    public static function nobodyHelps(): self
    {
        return new self(
            'It needs a second pair of hands, and no two people are in the shop together for that long. Change their hours '
                .'under People, or the house standard.',
        );
    }

    public static function in(string $whose): self
    {
        return new self("{$whose} has no working hours. Give at least one weekday hours.");
    }
}
