<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Models\People\ClosedDay;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Plan\Planner;
use App\Support\Clock;
use App\Support\Logbook;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Regimen\Formats\Calendars\HolidayCalendar;
use Regimen\Units\UnreadableFile;

/** Closes the shop on the days of a holiday calendar, for the coming two years; what is closed already stays. */
final readonly class ImportHolidays
{
    public function __construct(
        private House $house,
        private Planner $planner,
        private Logbook $logbook,
        private Clock $clock,
    ) {
    }

    /** @return int how many days were added */
    public function __invoke(Person $by, string $text): int
    {
        return DB::transaction(function () use ($by, $text): int {
            $today = $this->clock->today($this->house->zone());
            try {
                $days = HolidayCalendar::read(
                    $text, $today, (new \DateTimeImmutable("{$today} +2 years"))->format('Y-m-d'),
                );
            } catch (UnreadableFile $wrong) {
                throw Refused::because($wrong->getMessage(), 'file');
            }
            $known = ClosedDay::query()
                ->pluck('date')
                ->map(static fn (mixed $date): string => (string) $date)
                ->flip()
                ->all();
            $new = array_diff_key($days, $known);
            ClosedDay::query()->insert(
                array_map(
                    static fn (string $date, string $note): array => ['date' => $date, 'note' => $note],
                    array_keys($new),
                    $new,
                ),
            );
            $what = Say::count(count($new), 'closed day').' imported from a calendar.';
            $this->logbook->write(null, $by, 'house', $what);
            $this->planner->replan($what);

            return count($new);
        });
    }
}
