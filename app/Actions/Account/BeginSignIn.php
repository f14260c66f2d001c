<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Recording;
use App\Models\Account\SignIn;
use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Clock;
use App\Support\Refused;

/** A device on which somebody is signed in from now on. */
final readonly class BeginSignIn
{
    public function __construct(private Recording $recording, private Audit $audit, private Clock $clock)
    {
    }

    /**
     * @param  string  $place  the address it comes from
     * @param  bool  $isGoingOn  whether they were signed in there before, and only their password is another
     */
    public function __invoke(Person $person, string $device, string $place, bool $isGoingOn): SignIn
    {
        return $this->recording->keep(function () use ($person, $device, $place, $isGoingOn): SignIn {
            if (! $person->active) {
                throw Refused::because('This e-mail address and password do not belong together.', 'email');
            }
            if (! $isGoingOn) {
                $this->audit->write('sign-in', "{$person->name} signed in.", $person);
            }

            return SignIn::query()->create([
                'person_id' => $person->id, 'device' => $device, 'place' => $place, 'began_at' => $this->clock->now(),
            ]);
        });
    }
}
