<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Recording;
use App\Models\Account\TrustedDevice;
use App\Models\House\Shop;
use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Regimen\SignIn\TimeCode;

/** Codes from a phone as a second factor: set up, asked for, replaced by recovery codes, turned off. */
final readonly class SecondFactor
{
    private const RECOVERY_CODES = 8;

    private const TRUST_DAYS = 30;

    public function __construct(private Recording $recording, private Audit $audit, private Clock $clock)
    {
    }

    /**
     * @param  string  $secret  that the phone was given
     * @return list<string> recovery codes, which are shown this once
     */
    public function setUp(Person $person, #[\SensitiveParameter] string $secret, string $code): array
    {
        $codes = array_map(
            static fn (): string => strtolower(Str::random(5).'-'.Str::random(5)), range(1, self::RECOVERY_CODES),
        );
        $this->recording->keep(function () use ($person, $secret, $code, $codes): void {
            $step = TimeCode::accepted($secret, $code, $this->clock->now()->getTimestamp(), 0);
            if ($step === null) {
                throw Refused::because('This is not the code that belongs to it now. Is the phone’s clock right?', 'code');
            }
            $person->update([
                'code_secret' => Crypt::encryptString($secret), 'code_step' => $step,
                'recovery_codes' => json_encode(array_map(self::hash(...), $codes), JSON_THROW_ON_ERROR),
            ]);
            $this->audit->write('second factor', "{$person->name} set up codes from a phone.", $person);
        });

        return $codes;
    }

    public function turnOff(Person $person, #[\SensitiveParameter] string $password): void
    {
        $this->recording->keep(function () use ($person, $password): void {
            if (! Hash::check($password, (string) $person->password)) {
                throw Refused::because('This is not your password.', 'off_password');
            }
            if (Shop::current()->needs_second_factor) {
                throw Refused::because('The shop asks everybody for a second factor.', 'off_password');
            }
            $this->remove($person);
            $this->audit->write('second factor', "{$person->name} turned their codes off.", $person);
        });
    }

    /** A phone was lost: the manager lets them set it up again. */
    public function forgive(Person $by, Person $person): void
    {
        $this->recording->keep(function () use ($by, $person): void {
            $this->remove($person);
            $this->audit->write('second factor', "The codes of {$person->name} were removed, as for a lost phone.", $by);
        });
    }

    private function remove(Person $person): void
    {
        $person->update(['code_secret' => null, 'code_step' => 0, 'recovery_codes' => null]);
        TrustedDevice::query()->where('person_id', $person->id)->delete();
    }

    /** Whether what was typed is the phone's code or a recovery code; either counts once. */
    public function accepts(Person $person, string $typed): bool
    {
        return $this->recording->keep(function () use ($person, $typed): bool {
            if ($person->code_secret === null) {
                return false;
            }
            $step = TimeCode::accepted(
                self::secretOf($person), $typed, $this->clock->now()->getTimestamp(), (int) $person->code_step,
            );
            if ($step !== null) {
                $person->update(['code_step' => $step]);

                return true;
            }
            /** @var list<string> $left */
            $left = json_decode((string) ($person->recovery_codes ?? '[]'), true, 2, JSON_THROW_ON_ERROR);
            $hash = self::hash(strtolower(trim($typed)));
            if (! in_array($hash, $left, true)) {
                return false;
            }
            $person->update(['recovery_codes' => json_encode(array_values(array_diff($left, [$hash])), JSON_THROW_ON_ERROR)]);
            $this->audit->write('second factor', "{$person->name} used a recovery code; ".(count($left) - 1).' are left.', $person);

            return true;
        });
    }

    /** Restored on another machine, the secret cannot be read there: recovery codes still can. */
    private static function secretOf(Person $person): string
    {
        try {
            return Crypt::decryptString((string) $person->code_secret);
        } catch (DecryptException) {
            return TimeCode::secret();
        }
    }

    private static function hash(string $code): string
    {
        return hash('sha256', $code);
    }

    /** @return string for the device's cookie */
    public function trust(Person $person): string
    {
        $token = Str::random(40);
        $this->recording->keep(fn (): TrustedDevice => TrustedDevice::query()->create([
            'person_id' => $person->id, 'token_hash' => hash('sha256', $token),
            'until' => $this->clock->now()->addDays(self::TRUST_DAYS),
        ]));

        return $token;
    }

    public function isTrusted(Person $person, string $token): bool
    {
        return $token !== '' && TrustedDevice::query()->where('person_id', $person->id)
            ->where('token_hash', hash('sha256', $token))->where('until', '>', $this->clock->now())->exists();
    }

    public function require(Person $by, bool $needed): void
    {
        $this->recording->keep(function () use ($by, $needed): void {
            $shop = Shop::current();
            $shop->update(['needs_second_factor' => $needed, 'version' => $shop->version + 1]);
            $words = $needed ? 'A second factor is asked of everybody.' : 'A second factor is left to everybody.';
            $this->audit->write('rights', $words, $by);
            $this->recording->log(null, $by, 'house', $words);
        });
    }
}
