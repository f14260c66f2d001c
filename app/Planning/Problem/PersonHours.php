<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\People\Person;
use App\Support\Clock;
use Closure;
use Illuminate\Database\Eloquent\Relations\Relation;
use Regimen\Schedule\Time\WorkingHours;

/** A person's week with what is different on single days: longer days, days off, errands. */
final class PersonHours
{
    /** So far back days are read: no plan and no page looks further, however long the shop is there. */
    private const DAYS_BACK = 730;

    /** The first day that counts. */
    public static function since(): string
    {
        return app(Clock::class)->now()->subDays(self::DAYS_BACK)->format('Y-m-d');
    }

    /** @return array<string, Closure(Relation<*, *, *>): mixed> what is read with people, so that their hours are known */
    public static function days(): array
    {
        $since = self::since();

        return [
            'daysOff' => static fn (Relation $days): mixed => $days->where('date', '>=', $since),
            'overtimes' => static fn (Relation $days): mixed => $days->where('to', '>=', $since),
        ];
    }

    /** @param  Person  $person  with daysOff and overtimes */
    public static function on(WorkingHours $week, Person $person): WorkingHours
    {
        $parts = $person->daysOff->whereNotNull('from_minute');
        $hours = $week->without(
            $person->daysOff
                ->whereNull('from_minute')
                ->pluck('date')
                ->map(static fn (mixed $date): string => (string) $date)
                ->all(),
        );
        foreach ($person->overtimes as $overtime) {
            $day = new \DateTimeImmutable($overtime->from);
            for (; $day->format('Y-m-d') <= $overtime->to; $day = $day->modify('+1 day')) {
                $hours = $hours->longer($day->format('Y-m-d'), $overtime->minutes);
            }
        }
        foreach ($parts as $part) {
            $hours = $hours->away((string) $part->date, (int) $part->from_minute, (int) $part->to_minute);
        }

        return $hours;
    }
}
