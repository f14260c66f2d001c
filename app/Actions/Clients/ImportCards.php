<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Models\Client\Client;
use App\Models\Client\Talk;
use App\Models\People\Person;
use App\Planning\Clients\CardImport;
use App\Support\ClientNames;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Formats\Cards\Card;

/** People out of an address book: all of them or none; what is known already is never overwritten. */
final readonly class ImportCards
{
    private const AT_ONCE = 200;

    public function __construct(private Recording $recording, private CardImport $import, private ClientNames $names, private Clock $clock)
    {
    }

    /**
     * @param  list<Card>  $cards
     * @return int how many are new or know more
     */
    public function __invoke(Person $by, array $cards): int
    {
        return $this->recording->keep(function () use ($by, $cards): int {
            $all = $this->import->of($cards);
            $new = array_values(array_filter($all, static fn (array $one): bool => $one['client'] === null));
            foreach ($all as $one) {
                $one['client']?->update([...$one['said'], 'version' => $one['client']->version + 1]);
            }
            foreach (array_chunk($new, self::AT_ONCE) as $some) {
                Client::query()->insert(array_column($some, 'said'));
            }
            $this->names->forget();
            $this->notes($by, array_filter($new, static fn (array $one): bool => $one['note'] !== ''));
            $all === [] || $this->recording->log(null, $by, 'client', Say::count(count($all), 'client').' from an address book, '.count($new).' of them new.');

            return count($all);
        });
    }

    /** @param  array<int, array{said: array<string, string>, note: string}>  $new */
    private function notes(Person $by, array $new): void
    {
        foreach (array_chunk($new, self::AT_ONCE) as $some) {
            $ids = Client::query()->whereIn('name', array_map(static fn (array $one): string => $one['said']['name'], $some))->pluck('id', 'name');
            Talk::query()->insert(array_map(fn (array $one): array => [
                'client_id' => $ids[$one['said']['name']], 'person_id' => $by->id, 'at' => $this->clock->now()->toDateTimeString(), 'text' => $one['note'],
            ], $some));
        }
    }
}
