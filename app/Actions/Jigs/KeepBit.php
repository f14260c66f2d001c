<?php

declare(strict_types=1);

namespace App\Actions\Jigs;

use App\Actions\Recording;
use App\Models\Jigs\Bit;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;

/** Bits come into the shop and are sharpened. */
final readonly class KeepBit
{
    public function __construct(private Recording $recording, private House $house, private Clock $clock)
    {
    }

    /** @param  int  $most  metres after which it is sharpened */
    public function takeIn(Person $by, string $name, int $most): void
    {
        $this->recording->keep(function () use ($by, $name, $most): void {
            if (Bit::query()->where('name', $name)->exists()) {
                throw Refused::because("There is a bit called {$name} already.", 'name');
            }
            Bit::query()->create(['name' => $name, 'most' => 10 * $most]);
            $this->recording->log(null, $by, 'template', "Bit {$name}, sharpened after {$most} m.");
        });
    }

    public function sharpened(Person $by, Bit $bit, int $version): void
    {
        $this->recording->keep(function () use ($by, $bit, $version): void {
            Refused::ifStale($bit->version, $version, "bit {$bit->name}");
            $words = $bit->wear()->words();
            $bit->update(['cut' => 0, 'sharpened_on' => $this->clock->today($this->house->zone()), 'version' => $version + 1]);
            $this->recording->log(null, $by, 'template', "Bit {$bit->name} was sharpened or changed at {$words}.");
        });
    }
}
