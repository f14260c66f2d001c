<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Recording;
use App\Models\Account\PasswordLink;
use App\Models\Account\TrustedDevice;
use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Support\Facades\Hash;

/** Gives somebody a new password: by themselves, or by a link that works once. Every sign-in ends with the old one. */
final readonly class SetPassword
{
    public function __construct(private Recording $recording, private Audit $audit, private Clock $clock, private EndAccess $end)
    {
    }

    public function own(Person $person, #[\SensitiveParameter] string $current, #[\SensitiveParameter] string $new): void
    {
        $this->recording->keep(function () use ($person, $current, $new): void {
            if (! Hash::check($current, (string) $person->password)) {
                throw Refused::because('This is not your present password.', 'current');
            }
            $this->set($person, $new, 'changed their own password');
        });
    }

    public function byLink(string $token, #[\SensitiveParameter] string $new): Person
    {
        return $this->recording->keep(function () use ($token, $new): Person {
            $link = self::link($token, $this->clock) ?? throw Refused::because(
                'This link was used already, or its hour is over. Ask the manager for another one.', 'password',
            );
            $link->update(['used_at' => $this->clock->now()]);
            $person = $link->person()->firstOrFail();
            $this->set($person, $new, 'set a new password by a link');

            return $person;
        });
    }

    public static function link(string $token, Clock $clock): ?PasswordLink
    {
        return PasswordLink::query()->where('token_hash', hash('sha256', $token))->whereNull('used_at')
            ->where('until', '>', $clock->now())
            ->whereHas('person', static fn ($person) => $person->where('active', true)->whereNotNull('email'))
            ->first();
    }

    private function set(Person $person, #[\SensitiveParameter] string $new, string $words): void
    {
        $person->update([
            'password' => $new, 'version' => $person->version + 1, 'sign_in_epoch' => $person->sign_in_epoch + 1,
        ]);
        ($this->end)($person);
        TrustedDevice::query()->where('person_id', $person->id)->delete();
        $this->audit->write('password', "{$person->name} {$words}.", $person);
        $this->recording->log(null, $person, 'house', "{$person->name} {$words}.");
    }
}
