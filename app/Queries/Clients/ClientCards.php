<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Http\Requests\Clients\CardsRequest;
use App\Models\Client\Client;
use App\Pages\Worked\Change;
use App\Pages\Worked\FileSeen;
use App\Planning\Clients\CardImport;
use App\Support\Say;
use Regimen\Formats\Cards\Card;
use Regimen\Formats\Cards\Cards;
use Regimen\Units\UnreadableFile;

/** Clients as an address book, out and in. */
final readonly class ClientCards
{
    private const SHOWN = 30;

    public function __construct(private CardImport $import)
    {
    }

    public function all(): string
    {
        return Cards::write((static function (): \Generator {
            foreach (Client::query()->known()->orderBy('name')->lazy(500) as $client) {
                yield self::card($client);
            }
        })());
    }

    public function of(Client $client): string
    {
        return Cards::write([self::card($client)]);
    }

    /** What an address book would add, without adding it. */
    public function look(CardsRequest $request): FileSeen
    {
        try {
            $all = $this->import->of($request->cards());
        } catch (UnreadableFile $wrong) {
            return new FileSeen([], $wrong->getMessage(), '');
        }
        $changes = [];
        foreach (array_slice($all, 0, self::SHOWN) as $one) {
            $said = $one['said'];
            unset($said['name']);
            $changes[] = new Change($one['client']->name ?? $one['said']['name'], $one['client'] === null ? 'not known' : 'known', str_replace("\n", ', ', implode(' · ', array_filter([...$said, $one['note']]))));
        }
        $new = count(array_filter($all, static fn (array $one): bool => $one['client'] === null));
        $more = count($all) > self::SHOWN ? ' The first '.self::SHOWN.' of them:' : '';

        return new FileSeen($changes, '', $all === [] ? 'It says nothing that is not known already.' : Say::count($new, 'new client').', '.Say::count(count($all) - $new, 'known one').' with something more.'.$more);
    }

    private static function card(Client $client): Card
    {
        return new Card($client->name, (string) $client->email, (string) ($client->phone === '' ? $client->contact : $client->phone), (string) $client->address);
    }
}
