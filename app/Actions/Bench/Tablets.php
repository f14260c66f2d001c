<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Account\EndSignIns;
use App\Actions\Recording;
use App\Models\Bench\BenchDevice;
use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Support\Facades\Hash;

/** Tablets that people share, and the codes that open them. */
final readonly class Tablets
{
    /** Tried first by whoever finds a tablet. */
    private const FIRST_TRIED = '/^(\d)\1+$|^(?:0?123456?|1234|654321|54321|4321)$/';

    public function __construct(private Recording $recording, private Audit $audit, private Clock $clock, private EndSignIns $endSignIns)
    {
    }

    /** Whoever makes a tablet a shared one is signed out of it. */
    public function give(Person $by, string $name, string $hash, int $signIn): BenchDevice
    {
        return $this->recording->keep(function () use ($by, $name, $hash, $signIn): BenchDevice {
            $this->audit->write('rights', "“{$name}” is a shared tablet of the bench.", $by);
            $this->endSignIns->signOut($by, $signIn);

            return BenchDevice::query()->create(['name' => $name, 'token_hash' => $hash, 'given_by' => $by->id, 'at' => $this->clock->now()]);
        });
    }

    public function revoke(Person $by, BenchDevice $device): void
    {
        $this->recording->keep(function () use ($by, $device): void {
            if ($device->revoked_at !== null) {
                throw Refused::because('That tablet was taken back already. Nothing was changed.');
            }
            $device->update(['revoked_at' => $this->clock->now()]);
            $this->audit->write('rights', "The shared tablet “{$device->name}” is taken back.", $by);
        });
    }

    /** @param  string  $code  empty to have none */
    public function setCode(Person $by, Person $person, string $code): void
    {
        if (preg_match(self::FIRST_TRIED, $code) === 1) {
            throw Refused::because('That code is tried first by everybody. Take another.', 'bench_code');
        }
        $this->recording->keep(function () use ($by, $person, $code): void {
            $person->update(['bench_code' => $code === '' ? null : $code]);
            $this->audit->write('rights', ($code === '' ? 'No bench code any more for ' : 'A bench code for ')."{$person->name}.", $by);
        });
    }

    /** It takes as long whether there is such a code or not. */
    public function knows(?Person $person, string $code): bool
    {
        static $nobody = null;
        $nobody ??= Hash::make('nobody’s');

        return Hash::check($code, $person->bench_code ?? $nobody) && $person !== null && $person->bench_code !== null;
    }
}
