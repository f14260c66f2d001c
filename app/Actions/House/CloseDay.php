<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Plan\Changes\Kinds\BeAway;
use App\Actions\Plan\Changes\Kinds\ChangeRows;
use App\Actions\Plan\Changes\Kinds\CloseShop;
use App\Actions\Plan\MakeChange;
use App\Models\People\ClosedDay;
use App\Models\People\DayOff;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\ValidationException;

/** A day without work, for the whole shop or for one person: the same changes as on the calendar. */
final readonly class CloseDay
{
    public function __construct(private MakeChange $makeChange, private House $house)
    {
    }

    public function close(Person $by, ?Person $person, string $date, string $note): void
    {
        if ($person !== null && $person->daysOff()->where('date', $date)->exists()) {
            throw Refused::because(Say::day($date).' is free already.', 'date');
        }
        try {
            $this->makeChange->make($by, [
                $person === null
                    ? new CloseShop([$date => $note])
                    : BeAway::allDay($person->id, $date, $note, $this->house),
            ]);
        } catch (ValidationException $refused) {
            throw Refused::because($refused->getMessage(), 'date');
        }
    }

    public function reopen(Person $by, ClosedDay|DayOff $day): void
    {
        $this->makeChange->make($by, [new ChangeRows($day->getTable(), [$day->id])]);
    }
}
