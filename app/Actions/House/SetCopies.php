<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Recording;
use App\Backups\Sealed;
use App\Models\House\Shop;
use App\Models\People\Person;
use App\Support\Refused;

/** Says where copies of the shop go and with which passphrase they are sealed. */
final readonly class SetCopies
{
    public function __construct(private Recording $recording)
    {
    }

    /**
     * @param  string  $folder  empty: beside the shop's database
     * @param  string|null  $passphrase  null: as it is; empty: copies are no longer sealed
     */
    public function __invoke(Person $by, int $version, string $folder, #[\SensitiveParameter] ?string $passphrase): void
    {
        $key = $passphrase === null || $passphrase === '' ? null : Sealed::keyFor($passphrase);
        $this->recording->keep(function () use ($by, $version, $folder, $passphrase, $key): void {
            $shop = Shop::current();
            Refused::ifStale($shop->version, $version, 'The shop');
            $shop->fill(['backup_folder' => $folder === '' ? null : $folder, 'version' => $shop->version + 1]);
            if ($passphrase !== null) {
                $shop->fill(['backup_key' => $key['key'] ?? null, 'backup_salt' => $key['salt'] ?? null]);
            }
            $shop->save();
            $this->recording->log(
                null, $by, 'copy',
                'Copies of the shop go '.($folder === '' ? 'beside its database' : "into {$folder}")
                    .($shop->backup_key === null ? ', not sealed.' : ', sealed with a passphrase.'),
            );
        });
    }
}
