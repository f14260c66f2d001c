<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Recording;
use App\Models\Account\SignIn;
use App\Models\Account\TrustedDevice;
use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Clock;

/** Signs somebody out on one device, or on all others. */
final readonly class EndSignIns
{
    public function __construct(private Recording $recording, private Audit $audit, private Clock $clock)
    {
    }

    public function signOut(Person $person, int $current): void
    {
        $this->recording->keep(function () use ($person, $current): void {
            SignIn::query()->whereKey($current)->whereNull('ended_at')->update(['ended_at' => $this->clock->now()]);
            $this->audit->write('sign-out', "{$person->name} signed out.", $person);
        });
    }

    /** @param  int|null  $only  one of their own; null: all but the one that is kept */
    public function __invoke(Person $person, ?int $only, int $kept): void
    {
        $this->recording->keep(function () use ($person, $only, $kept): void {
            $ended = SignIn::query()->where('person_id', $person->id)->whereNull('ended_at')
                ->when($only !== null, static fn ($rows) => $rows->whereKey($only), static fn ($rows) => $rows->whereKeyNot($kept))
                ->update(['ended_at' => $this->clock->now()]);
            if ($only === null) {
                TrustedDevice::query()->where('person_id', $person->id)->delete();
            }
            $this->audit->write('sign-out', "{$person->name} ended {$ended} ".($ended === 1 ? 'sign-in.' : 'sign-ins.'), $person);
        });
    }
}
