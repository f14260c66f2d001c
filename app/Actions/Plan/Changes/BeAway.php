<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\AwayKind;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Schedule\Time\HoursText;

/**
 * Somebody is not at the bench: leave, illness, an afternoon, an errand, teaching, supervising; on days in a row or
 * weekly.
 */
final readonly class BeAway implements Change
{
    public function __construct(private Body $body, private House $house)
    {
    }

    public function words(): string
    {
        $person = $this->person();
        [$from, $to] = [$this->body->text('from'), $this->to()];
        $kind = $this->kind();
        $days = $from === $to ? 'on '.Say::day($from) : (
            $this->isWeekly()
                ? 'every '.(new \DateTimeImmutable($from))->format('l').' from '.Say::day($from).' to '
                : 'from '.Say::day($from).' to '
        ).Say::day($to);
        $note = $this->body->text('note');

        return "{$person->name}: {$kind->words()} {$days}"
            .($this->body->maybe('part') === null ? '' : ', '.HoursText::print($this->part()))
            .($note === '' ? '' : " ({$note})").'.';
    }

    public function make(?Person $by): array
    {
        $person = $this->person();
        $taken = DayOff::query()
            ->where('person_id', $person->id)
            ->whereNull('from_minute')
            ->pluck('date')
            ->map(static fn (mixed $date): string => (string) $date)
            ->flip();
        $part = $this->part()[0] ?? [null, null];
        $ids = [];
        $step = $this->isWeekly() ? '+7 days' : '+1 day';
        $day = new \DateTimeImmutable($this->body->text('from'));
        for (; $day->format('Y-m-d') <= $this->to(); $day = $day->modify($step)) {
            $date = $day->format('Y-m-d');
            if (! isset($taken[$date]) && $this->house->hoursOf($person)->on($date) !== []) {
                $ids[] = DayOff::query()->create([
                    'person_id' => $person->id, 'date' => $date, 'from_minute' => $part[0], 'to_minute' => $part[1],
                    'kind' => $this->kind(), 'note' => $this->body->text('note'),
                ])->id;
            }
        }
        if ($ids === []) {
            throw Refused::because("{$person->name} does not work then anyway.", 'from');
        }

        return ['kind' => 'rows', 'table' => 'days_off', 'remove' => $ids];
    }

    public function build(): ?Build
    {
        return null;
    }

    private function person(): Person
    {
        return Person::query()->with(['daysOff', 'overtimes'])->findOrFail($this->body->whole('person'));
    }

    private function kind(): AwayKind
    {
        return AwayKind::tryFrom($this->body->text('what')) ?? AwayKind::Off;
    }

    private function to(): string
    {
        return $this->body->maybe('to') ?? $this->body->text('from');
    }

    private function isWeekly(): bool
    {
        return $this->body->text('every') === 'week';
    }

    /** @return list<array{int, int}> */
    private function part(): array
    {
        return HoursText::parse($this->body->text('part'));
    }
}
