<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Recording;
use App\Models\Account\PasswordLink;
use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;

/** A link with which somebody who forgot their password sets another one, once and within an hour. */
final readonly class GiveLink
{
    private const HOURS = 1;

    public function __construct(private Recording $recording, private Audit $audit, private Clock $clock)
    {
    }

    /** @return string the token, which is kept nowhere */
    public function __invoke(Person $by, Person $to): string
    {
        $token = Str::random(40);
        $this->recording->keep(function () use ($by, $to, $token): void {
            if ($to->email === null || ! $to->active) {
                throw Refused::because("{$to->name} has no e-mail address to sign in with. Write one first.");
            }
            PasswordLink::query()->where('person_id', $to->id)->whereNull('used_at')->update(['used_at' => $this->clock->now()]);
            PasswordLink::query()->create([
                'person_id' => $to->id, 'given_by' => $by->id, 'token_hash' => hash('sha256', $token),
                'until' => $this->clock->now()->addHours(self::HOURS),
            ]);
            $this->audit->write('link', "A link for a new password was given to {$to->name}.", $by);
            $this->recording->log(null, $by, 'house', "A link for a new password was given to {$to->name}.");
        });
        Mail::raw(
            "{$by->name} sends you this link to set a new password for Regimen. It works once, within an hour:\n\n"
                .route('password.link', $token),
            static fn ($message) => $message->to((string) $to->email)->subject('A new password for Regimen'),
        );

        return $token;
    }
}
