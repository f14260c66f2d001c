<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\People\Person;
use App\Planning\Problem\PersonHours;
use App\Support\Refused;

/** A change that concerns one person, known by their id in `$person`. */
trait OfPerson
{
    private function person(): Person
    {
        return Person::query()->with(PersonHours::days())->findOrFail($this->person);
    }

    /** As they are when the change is made: they may have left since it was asked for. */
    private function personHere(): Person
    {
        $person = $this->person();

        return $person->active ? $person : throw Refused::because("{$person->name} does not work here any more.", 'person');
    }
}
