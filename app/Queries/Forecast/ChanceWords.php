<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\Build;
use App\Models\Forecast\BuildForecast;
use App\Pages\Forecast\ChanceDay;
use App\Support\Say;
use Regimen\Schedule\Time\WorkingHours;

/** Chances as a foreman would say them: in tenths, and what a day more makes of them. */
final class ChanceWords
{
    private const TENTHS = [1 => 'Once', 2 => 'Twice', 3 => 'Three times', 4 => 'Four times', 5 => 'Five times', 6 => 'Six times', 7 => 'Seven times', 8 => 'Eight times', 9 => 'Nine times'];

    private const SMALL = [1 => 'one', 2 => 'two', 3 => 'three', 4 => 'four', 5 => 'five', 6 => 'six', 7 => 'seven', 8 => 'eight', 9 => 'nine'];

    /** So many working days more are looked at. */
    private const LATER = 400;

    /** More of them are told as a date. */
    private const SOON = 15;

    /** @param  list<ChanceDay>  $days */
    public static function headline(Build $build, ?BuildForecast $own, array $days, WorkingHours $hours, int $wanted): string
    {
        if ($own === null || $days === []) {
            return $own === null ? 'Its chances are not worked out yet' : 'Nobody knows when it will be ready';
        }
        if ($own->chance === null || $build->promised_on === null) {
            return $build->promised_on === null ? 'Nothing is promised; these are its dates' : 'Nobody knows: its route leaves work out';
        }
        $percent = (int) round($own->chance / 10);
        $words = self::tenths($percent);
        if ($percent >= 95) {
            return $words;
        }
        foreach (self::laterPromises($build, $days, $hours) as $one) {
            $better = self::tenth($one['percent']);
            if ($one['percent'] >= $wanted || $better > self::tenth($percent) + 1) {
                return "{$words}; ".match (true) {
                    $one['later'] === 1 => 'one day more makes it ',
                    $one['later'] > self::SOON => 'by '.Say::day($one['day']).' it is ',
                    default => "{$one['later']} working days more make it ",
                }.self::short($one['percent']);
            }
        }

        return $words;
    }

    /** `Six times in ten it will be ready` */
    public static function tenths(int $percent): string
    {
        return match (true) {
            $percent >= 98 => 'It will be ready, as far as can be known',
            $percent <= 2 => 'It will not be ready by then',
            $percent >= 95 => 'Nineteen times in twenty it will be ready',
            default => self::TENTHS[self::tenth($percent)].' in ten it will be ready',
        };
    }

    /**
     * The promise a working day later, and the first days that make it eight in ten and nineteen in twenty.
     *
     * @param  list<ChanceDay>  $days
     * @return list<array{day: string, later: int, percent: int}>
     */
    public static function laterPromises(Build $build, array $days, WorkingHours $hours): array
    {
        $all = array_sum(array_map(static fn (ChanceDay $one): int => $one->runs, $days));
        if ($build->promised_on === null || $all === 0) {
            return [];
        }
        $lines = $marks = [];
        $day = new \DateTimeImmutable($build->promised_on);
        for ($later = 1, $looked = 0; $later <= self::LATER && $looked < 2 * self::LATER; $looked++) {
            $day = $day->modify('+1 day');
            $date = $day->format('Y-m-d');
            if ($hours->on($date) === []) {
                continue;
            }
            $percent = (int) floor(100 * array_sum(array_map(static fn (ChanceDay $one): int => $one->day <= $date ? $one->runs : 0, $days)) / $all);
            foreach ([$later === 1 ? 0 : 101, 80, 95] as $mark) {
                if ($percent >= $mark && ! isset($marks[$mark])) {
                    $marks[$mark] = true;
                    $lines[$date] = ['day' => $date, 'later' => $later, 'percent' => $percent];
                }
            }
            $later++;
        }

        return array_values($lines);
    }

    private static function tenth(int $percent): int
    {
        return max(1, min(9, (int) floor($percent / 10 + 0.5)));
    }

    private static function short(int $percent): string
    {
        return $percent >= 95 ? 'nineteen in twenty' : self::SMALL[self::tenth($percent)].' in ten';
    }
}
