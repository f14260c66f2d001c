<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\TakingIn\TakeIn;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\ValidationException;

/** A day has 24 hours for everybody, and what is unlikely is asked about before it is recorded. */
final readonly class HoursOfDay
{
    /** More on one day is asked about. */
    private const LONG_DAY = 14 * 60;

    public function __construct(private House $house, private Clock $clock)
    {
    }

    /** @throws ValidationException if the day would hold more than 24 hours of the person's work */
    public function mustHold(Person $person, string $day, int $minutes, string $field): void
    {
        $there = $this->recorded($person, $day);
        if ($there + $minutes > 1440) {
            throw Refused::because(
                'With the '.Say::duration($there)
                    ." recorded on that day, {$person->name} would have worked more than 24 hours. At most "
                    .Say::duration(max(0, 1440 - $there)).' can be added.',
                $field,
            );
        }
    }

    /** @throws ValidationException at “sure”, with the question */
    public function askWhereUnlikely(Operation $operation, Person $person, string $day, int $minutes): void
    {
        $zone = $this->house->zone();
        $now = $this->clock->now();
        $total = $this->recorded($person, $day) + $this->running($person, $day) + $minutes;
        $begun = $operation->build->ordered_at->setTimezone($zone)->toDateString();
        $passed = $day === $now->setTimezone($zone)->toDateString()
            ? intdiv($now->getTimestamp() - $now->setTimezone($zone)->startOfDay()->getTimestamp(), 60) : 1440;
        $question = match (true) {
            $day < $begun => "No. {$operation->build->number} was taken on only on ".Say::dayAndYear($begun).'. Was it worked on before?',
            $total > $passed => "With what is recorded and running, {$person->name} would have worked ".Say::duration($total)
                .' today, and only '.Say::duration($passed).' of the day have passed. Two operations at once?',
            $total > self::LONG_DAY => "{$person->name} would have worked ".Say::duration($total).' on that day. Is it so?',
            default => null,
        };
        if ($question !== null) {
            throw Refused::because($question, 'sure');
        }
    }

    private function recorded(Person $person, string $day): int
    {
        return (int) TimeEntry::query()
            ->where('person_id', $person->id)
            ->where('worked_on', $day)
            ->whereNull('struck_at')
            ->where('source', '!=', TakeIn::SOURCE)
            ->sum('minutes');
    }

    private function running(Person $person, string $day): int
    {
        return (int) TimeEntry::query()->where('person_id', $person->id)->where('worked_on', $day)
            ->whereNull('struck_at')->whereNull('minutes')->get()
            ->sum(fn (TimeEntry $entry): int => $entry->elapsed($this->clock->now()));
    }
}
