<?php

declare(strict_types=1);

namespace App\Planning\Export;

use App\Models\People\DayOff;
use App\Models\People\Overtime;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use Regimen\Schedule\Time\HoursText;

/** People as a workshop file has them: their hours, skills and days away, without their names. */
final readonly class ExportedPeople
{
    private const DAYS = [1 => 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    public function __construct(private House $house)
    {
    }

    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        $people = [];
        foreach (Person::query()->where('active', true)->with(PersonHours::days())->orderBy('id')->get() as $person) {
            $people[] = [
                'id' => "w{$person->id}", 'skills' => $person->skills,
                'hours' => (object) self::week($this->house->hoursOf($person)->week),
                ...array_filter([
                    'speeds' => array_intersect_key($person->speeds, array_flip($person->skills)),
                    'off' => array_values(
                        $person->daysOff
                            ->whereNull('from_minute')
                            ->pluck('date')
                            ->map(static fn (mixed $date): string => (string) $date)
                            ->all(),
                    ),
                    'longer' => array_values(
                        $person->overtimes->map(
                            static fn (Overtime $one): array => $one->only(['from', 'to', 'minutes']),
                        )->all(),
                    ),
                    'away' => array_values(
                        $person->daysOff
                            ->whereNotNull('from_minute')
                            ->map(
                                fn (DayOff $part): array => [
                                    'from' => $this->minute($part->date, $part->from_minute),
                                    'to' => $this->minute($part->date, $part->to_minute),
                                ],
                            )
                            ->all(),
                    ),
                ]),
            ];
        }

        return $people;
    }

    private function minute(string $date, ?int $minutes): string
    {
        $minutes = min((int) $minutes, 1_439);

        return sprintf('%sT%02d:%02d', $date, intdiv($minutes, 60), $minutes % 60);
    }

    /**
     * @param  array<int, list<array{int, int}>>  $week
     * @return array<string, string> hours by weekday, as a file says them
     */
    public static function week(array $week): array
    {
        $hours = array_map(HoursText::print(...), $week);

        return array_filter(array_combine(
            array_map(static fn (int $day): string => self::DAYS[$day], array_keys($hours)),
            $hours,
        ));
    }
}
