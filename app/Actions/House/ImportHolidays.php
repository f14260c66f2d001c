<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Plan\Changes\Kinds\CloseShop;
use App\Actions\Plan\MakeChange;
use App\Actions\Recording;
use App\Models\People\ClosedDay;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Formats\Calendars\HolidayCalendar;
use Regimen\Units\UnreadableFile;

/** Closes the shop on the days of a holiday calendar, for the coming two years; what is closed already stays. */
final readonly class ImportHolidays
{
    public function __construct(
        private Recording $recording,
        private House $house,
        private MakeChange $makeChange,
        private Clock $clock,
    ) {
    }

    /**
     * What would be added, without adding it.
     *
     * @return array<string, string> words by day
     *
     * @throws UnreadableFile
     */
    public function look(string $text): array
    {
        $today = $this->clock->today($this->house->zone());
        $days = HolidayCalendar::read($text, $today, (new \DateTimeImmutable("{$today} +2 years"))->format('Y-m-d'), $this->house->zone());
        $known = ClosedDay::query()->pluck('date')->map(static fn (mixed $date): string => (string) $date)->flip()->all();

        return array_diff_key($days, $known);
    }

    /** @return int how many days were added */
    public function __invoke(Person $by, string $text): int
    {
        return $this->recording->keep(function () use ($by, $text): int {
            try {
                $new = $this->look($text);
            } catch (UnreadableFile $wrong) {
                throw Refused::because($wrong->getMessage(), 'file');
            }
            if ($new !== []) {
                $this->makeChange->make($by, [new CloseShop($new)]);
            }

            return count($new);
        });
    }
}
