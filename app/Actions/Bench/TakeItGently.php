<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;

/** Somebody has a gentle day: they are given nothing today that cannot be undone, and the plan follows. */
final readonly class TakeItGently
{
    public function __construct(private Recording $recording, private House $house, private Clock $clock)
    {
    }

    public function __invoke(Person $by, bool $gently): void
    {
        $this->recording->keep(function () use ($by, $gently): void {
            $today = $this->clock->today($this->house->zone());
            if (($by->gentle_on === $today) !== $gently) {
                $by->update(['gentle_on' => $gently ? $today : null]);
                $this->recording->log(null, $by, 'plan', $gently ? "{$by->name} has a gentle day." : "{$by->name} does everything again today.");
                $this->recording->planAnew($gently ? "{$by->name} has a gentle day" : "{$by->name} does everything again");
            }
        });
    }
}
