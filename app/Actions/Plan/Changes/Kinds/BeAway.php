<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\Choices;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\OfPerson;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\People\AwayKind;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Rules\Typed;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\Rule;
use Regimen\Schedule\Time\HoursText;

/**
 * Somebody is not at the bench: leave, illness, an afternoon, an errand, teaching, supervising; on days in a row or
 * weekly.
 */
final readonly class BeAway implements AskedFor
{
    use InPlan, OfPerson, OfShop;

    /**
     * @param  list<array{int, int}>  $part  of the day, in minutes after midnight; none for all of it
     * @param  bool  $weekly  on the same day of each week
     */
    public function __construct(
        private int $person,
        private string $from,
        private string $to,
        private AwayKind $what,
        private array $part,
        private bool $weekly,
        private string $note,
        private House $house,
    ) {
    }

    public static function allDay(int $person, string $day, string $note, House $house): self
    {
        return new self($person, $day, $day, AwayKind::Off, [], false, $note, $house);
    }

    public static function kind(): string
    {
        return 'away';
    }

    public static function heading(): string
    {
        return 'somebody is away';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->person(),
            AskedField::of('what', 'kind', 'nullable', Rule::enum(AwayKind::class))
                ->chosen('Because', Choices::away(...)),
            $asking->firstDay(),
            $asking->lastDay('nullable')->asked('Last day', 'date', 'empty: one day'),
            AskedField::of('part', 'part of the day', 'nullable', Typed::hours(), 'not_regex:/,|and/')
                ->asked('Part of the day', hint: 'as 13:00–17:00; empty: all day'),
            AskedField::of('every', 'how often', 'nullable', Rule::in(['day', 'week']))->chosen(
                'How often',
                static fn (): array => [new Option('day', 'every day'), new Option('week', 'once a week')],
            ),
            $asking->words('note', 'note')->asked('Note'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self(
            $body->whole('person'), $body->text('from'), $body->maybe('to') ?? $body->text('from'),
            AwayKind::tryFrom($body->text('what')) ?? AwayKind::Off, HoursText::parse($body->text('part')),
            $body->text('every') === 'week', $body->text('note'), $tools->house,
        );
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'person' => $this->person, 'from' => $this->from, 'to' => $this->to,
            'what' => $this->what->value, 'part' => HoursText::print($this->part),
            'every' => $this->weekly ? 'week' : 'day', 'note' => $this->note,
        ];
    }

    public function words(): string
    {
        $person = $this->person();
        [$from, $to] = [$this->from, $this->to];
        $days = $from === $to ? 'on '.Say::day($from) : (
            $this->weekly
                ? 'every '.(new \DateTimeImmutable($from))->format('l').' from '.Say::day($from).' to '
                : 'from '.Say::day($from).' to '
        ).Say::day($to);

        return "{$person->name}: {$this->what->words()} {$days}"
            .($this->part === [] ? '' : ', '.HoursText::print($this->part))
            .($this->note === '' ? '' : " ({$this->note})").'.';
    }

    public function make(?Person $by): ChangeRows
    {
        $person = $this->personHere();
        $taken = DayOff::query()
            ->where('person_id', $person->id)
            ->whereNull('from_minute')
            ->pluck('date')
            ->map(static fn (mixed $date): string => (string) $date)
            ->flip();
        $part = $this->part[0] ?? [null, null];
        $ids = [];
        $step = $this->weekly ? '+7 days' : '+1 day';
        $day = new \DateTimeImmutable($this->from);
        for (; $day->format('Y-m-d') <= $this->to; $day = $day->modify($step)) {
            $date = $day->format('Y-m-d');
            if (! isset($taken[$date]) && $this->house->hoursOf($person)->on($date) !== []) {
                $ids[] = DayOff::query()->create([
                    'person_id' => $person->id, 'date' => $date, 'from_minute' => $part[0], 'to_minute' => $part[1],
                    'kind' => $this->what, 'note' => $this->note,
                ])->id;
            }
        }
        if ($ids === []) {
            throw Refused::because("{$person->name} does not work then anyway.", 'from');
        }

        return new ChangeRows('days_off', $ids);
    }
}
