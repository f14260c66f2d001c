<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\OfPerson;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\People\Overtime;
use App\Models\People\Person;
use App\Support\Say;

/** Somebody works longer for a while, on the days on which they work. */
final readonly class WorkLonger implements AskedFor
{
    use InPlan, OfPerson, OfShop;

    /** @param  int  $minutes  each day */
    public function __construct(
        private int $person,
        private string $from,
        private string $to,
        private int $minutes,
        private string $note = '',
    ) {
    }

    public static function kind(): string
    {
        return 'longer';
    }

    public static function heading(): string
    {
        return 'somebody works longer';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->person(),
            $asking->firstDay(),
            $asking->lastDay('required')->asked('Last day', 'date'),
            AskedField::of('minutes', 'minutes', 'required', 'integer', 'min:15', 'max:240')
                ->asked('Minutes a day', value: '60'),
            $asking->words('note', 'note'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self(
            $body->whole('person'), $body->text('from'), $body->text('to'), $body->whole('minutes'),
            $body->text('note'),
        );
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'person' => $this->person, 'from' => $this->from, 'to' => $this->to,
            'minutes' => $this->minutes, 'note' => $this->note,
        ];
    }

    public function words(): string
    {
        return Person::query()->findOrFail($this->person)->name.': '.Say::duration($this->minutes)
            .' longer every working day from '.Say::day($this->from).' to '.Say::day($this->to).'.';
    }

    public function make(?Person $by): ChangeRows
    {
        $overtime = Overtime::query()->create([
            'person_id' => $this->personHere()->id, 'from' => $this->from, 'to' => $this->to, 'minutes' => $this->minutes,
            'note' => $this->note,
        ]);

        return new ChangeRows('overtimes', [$overtime->id]);
    }
}
