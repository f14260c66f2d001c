<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Actions\House\GiveFeed;
use App\Models\Build\Build;
use App\Models\House\Feed;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Queries\Build\OpenBuilds;
use App\Queries\Build\ReasonWords;
use App\Queries\House\ResourceNames;
use App\Queries\Today\DayParts;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Support\Collection;
use Regimen\Formats\Calendars\CalendarEntry;
use Regimen\Formats\Calendars\PlanCalendar;
use Regimen\Schedule\Time\WorkingHours;

/** What a calendar program gets to read: labour in the hours in which it is done, holds, and the days of promises. */
final readonly class FeedCalendar
{
    public function __construct(
        private OpenBuilds $builds,
        private House $house,
        private Clock $clock,
        private ResourceNames $resources,
        private DayParts $parts,
    ) {
    }

    public function of(Feed $feed): string
    {
        $people = Person::query()->with(PersonHours::days())->get()->toBase()->keyBy('id');
        $builds = $this->builds
            ->all()
            ->toBase()
            ->filter(static fn (Build $build): bool => $feed->build_id === null || $build->id === $feed->build_id);
        $words = new ReasonWords($this->builds->operations(), $this->resources->all(), $this->house->zone());
        $entries = [];
        foreach ($builds as $build) {
            foreach ($this->builds->placements($build) as $one) {
                if ($one->operation->state->labourIsDone() && $one->finish < Minutes::of($this->clock->now())) {
                    continue;
                }
                if ($feed->person_id === null || $one->personId === $feed->person_id) {
                    array_push($entries, ...$this->entries($one, $people, $words, $feed->person_id === null));
                }
                if ($one->helperId !== null && ($feed->person_id ?? $one->helperId) === $one->helperId) {
                    array_push($entries, ...$this->help($one, $people));
                }
            }
            if ($feed->person_id === null && $build->promised_on !== null) {
                $entries[] = CalendarEntry::day(
                    "promise-{$build->number}@regimen", "No. {$build->number} {$build->title} promised", '',
                    $build->promised_on,
                );
            }
        }

        array_push($entries, ...$this->blocks($feed, $people));

        return PlanCalendar::write('Regimen: '.GiveFeed::named($feed), $entries, Minutes::of($this->clock->now()));
    }

    /**
     * Leave, errands and the other blocks that are no build's, from today on.
     *
     * @param  Collection<int, Person>  $people
     * @return list<CalendarEntry>
     */
    private function blocks(Feed $feed, Collection $people): array
    {
        $entries = [];
        $today = $this->clock->today($this->house->zone());
        foreach ($feed->build_id === null ? $people : [] as $person) {
            foreach (
                $feed->person_id === null
                || $feed->person_id === $person->id ? $person->daysOff->where('date', '>=', $today) : [] as $block
            ) {
                $summary = ucfirst($block->kind->words()).($block->note === '' ? '' : ": {$block->note}")
                    ." ({$person->name})";
                $midnight = new \DateTimeImmutable((string) $block->date, $this->house->zone());
                $at = static fn (int $minutes): int => Minutes::of(
                    $midnight->setTime(intdiv($minutes, 60), $minutes % 60),
                );
                $entries[] = $block->from_minute === null
                    ? CalendarEntry::day("away-{$block->id}@regimen", $summary, '', (string) $block->date)
                    : CalendarEntry::stretch(
                        "away-{$block->id}@regimen", $summary, '', $at($block->from_minute),
                        $at((int) $block->to_minute), true,
                    );
            }
        }

        return $entries;
    }

    /**
     * @param  Collection<int, Person>  $people
     * @return list<CalendarEntry>
     */
    private function help(Placement $one, Collection $people): array
    {
        [$helper, $since] = $one->helper() ?? [0, 0];
        $operation = $one->operation;
        $who = $people->get($helper)?->name;
        $whom = $people->get($one->personId)?->name;

        return [CalendarEntry::stretch(
            "help-{$operation->id}@regimen", "No. {$operation->build->number} {$operation->name}: help {$whom} ({$who})", '',
            $since, (int) $one->workEnd, true,
        )];
    }

    /**
     * @param  Collection<int, Person>  $people
     * @return list<CalendarEntry>
     */
    private function entries(Placement $one, Collection $people, ReasonWords $words, bool $withHolds): array
    {
        $operation = $one->operation;
        $person = $people->get($one->personId);
        if ($one->start === null || $one->workEnd === null) {
            return [];
        }
        $summary = "No. {$operation->build->number} {$operation->name}".($person === null ? '' : " ({$person->name})");
        $because = $operation->planned === null ? '' : $words->of($operation->planned, $person?->name);
        $entries = [];
        $hours = $person === null ? WorkingHours::of([], [], $this->house->zone()) : $this->house->hoursOf($person);
        foreach ($operation->state->labourIsDone() ? [] : $this->parts->all($one->sittings(), $hours) as [$from, $to]) {
            $entries[] = CalendarEntry::stretch(
                "labour-{$operation->id}-".gmdate('Ymd\THi', $from * 60).'@regimen', $summary, $because, $from, $to,
                true,
            );
        }
        if ($withHolds && $one->finish !== null && $one->finish > $one->workEnd) {
            $fixture = $operation->fixture === null ? '' : ', '.$this->resources->of($operation->fixture);
            $entries[] = CalendarEntry::stretch(
                "hold-{$operation->id}@regimen", "No. {$operation->build->number} {$operation->name}: hold{$fixture}",
                '', $one->workEnd, $one->finish, false,
            );
        }

        return $entries;
    }
}
