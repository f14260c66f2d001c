<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Client\Client;
use App\Models\Client\Enquiry;
use App\Models\Client\Letter;
use App\Models\Client\Talk;
use App\Models\Money\Invoice;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;

/** Two entries of one person become one: what the other knows fills what is empty, and all that was made or said goes with it. */
final readonly class JoinClients
{
    private const FIELDS = ['contact', 'email', 'phone', 'address', 'hand', 'scale', 'neck', 'action', 'weight', 'instruments', 'locale', 'country', 'tax_id'];

    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Client $client, int $version, Client $other, int $seen): void
    {
        $this->recording->keep(function () use ($by, $client, $version, $other, $seen): void {
            KeepClient::mustBeKnown($client);
            KeepClient::mustBeKnown($other);
            Refused::ifThere($client->id === $other->id, 'That is the same entry. Choose the other one.', 'other');
            Refused::ifStale($client->version, $version, "What is known of {$client->name}");
            Refused::ifStale($other->version, $seen, "What is known of {$other->name}");
            $filled = $differs = [];
            foreach (self::FIELDS as $field) {
                [$own, $more] = [(string) $client->getAttribute($field), (string) $other->getAttribute($field)];
                if ($own === '' && $more !== '') {
                    $filled[$field] = $more;
                } elseif ($more !== '' && $more !== $own) {
                    $differs[] = "{$field}: {$more}";
                }
            }
            $also = $other->name === $client->name ? '' : "also written {$other->name}";
            $lost = implode('; ', array_filter([$also, ...$differs]));
            // Nothing that was known is lost: what does not fit stands with what was said.
            $lost === '' || Talk::query()->create(['client_id' => $client->id, 'person_id' => $by->id, 'at' => Talk::query()->where('client_id', $other->id)->max('at') ?? $this->clock->now(), 'text' => "From the other entry: {$lost}."]);
            Build::query()->where('client_id', $other->id)->update(['client_id' => $client->id]);
            foreach ([Talk::class, Enquiry::class, Letter::class, Invoice::class] as $model) {
                $model::query()->where('client_id', $other->id)->update(['client_id' => $client->id]);
            }
            $this->recording->log(null, $by, 'client', "Client {$other->id} is {$client->name} too; the two entries are one now.");
            $other->update([...array_fill_keys(self::FIELDS, ''), 'name' => "client {$other->id}", 'joined_id' => $client->id, 'version' => $other->version + 1]);
            $client->update([...$filled, 'version' => $client->version + 1]);
        });
    }
}
