<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\Overtime;
use App\Models\People\Person;
use App\Support\Say;

/** Somebody works longer for a while, on the days on which they work. */
final readonly class WorkLonger implements Change
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        return $this->person()->name.': '.Say::duration($this->body->whole('minutes')).' longer every working day from '
            .Say::day($this->body->text('from')).' to '.Say::day($this->body->text('to')).'.';
    }

    public function make(?Person $by): array
    {
        $overtime = Overtime::query()->create([
            'person_id' => $this->person()->id, 'from' => $this->body->text('from'), 'to' => $this->body->text('to'),
            'minutes' => $this->body->whole('minutes'), 'note' => $this->body->text('note'),
        ]);

        return ['kind' => 'rows', 'table' => 'overtimes', 'remove' => [$overtime->id]];
    }

    public function build(): ?Build
    {
        return null;
    }

    private function person(): Person
    {
        return Person::query()->findOrFail($this->body->whole('person'));
    }
}
