<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Models\Client\Client;
use Regimen\Formats\Cards\Card;

/** What an address book would add: people who are not known, and what is not known yet of those who are. */
final readonly class CardImport
{
    private const FIELDS = ['email', 'phone', 'address'];

    /**
     * @param  list<Card>  $cards
     * @return list<array{client: Client|null, said: array<string, string>, note: string}> of those that say something new
     */
    public function of(array $cards): array
    {
        $known = Client::query()->known()->get()->keyBy('name');
        $new = [];
        foreach ($cards as $card) {
            $client = $known->get($card->name);
            $said = ['email' => $card->email, 'phone' => $card->phone, 'address' => $card->address];
            if ($client === null) {
                $before = $new[$card->name] ?? null;
                $new[$card->name] = ['client' => null, 'said' => ['name' => $card->name, ...self::filled($before['said'] ?? [], $said)], 'note' => trim(($before['note'] ?? '')."\n{$card->note}")];

                continue;
            }
            $more = array_filter($said, static fn (string $value, string $field): bool => $value !== '' && (string) $client->getAttribute($field) === '', ARRAY_FILTER_USE_BOTH);
            if ($more !== []) {
                $new[$card->name] = ['client' => $client, 'said' => $more, 'note' => ''];
            }
        }

        return array_values($new);
    }

    /**
     * @param  array<string, string>  $first
     * @param  array<string, string>  $then
     * @return array<string, string>
     */
    private static function filled(array $first, array $then): array
    {
        $said = [];
        foreach (self::FIELDS as $field) {
            $said[$field] = ($first[$field] ?? '') === '' ? $then[$field] : $first[$field];
        }

        return $said;
    }
}
