<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Account\PasswordLink;
use App\Models\Account\SignIn;
use App\Models\House\Feed;
use App\Models\People\Person;
use App\Support\Clock;

/** Ends what somebody can still get at with an old password: their sign-ins, links, and calendars. */
final readonly class EndAccess
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(Person $person): void
    {
        SignIn::query()->where('person_id', $person->id)->whereNull('ended_at')->update(['ended_at' => $this->clock->now()]);
        PasswordLink::query()->where('person_id', $person->id)->whereNull('used_at')->update(['used_at' => $this->clock->now()]);
        // What they subscribed to, and what was given of them, is read no longer.
        Feed::query()->whereNull('revoked_at')
            ->where(static fn ($feeds) => $feeds->where('person_id', $person->id)->orWhere('given_by', $person->id))
            ->update(['revoked_at' => $this->clock->now()]);
    }
}
