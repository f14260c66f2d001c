<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Models\Client\Client;
use App\Models\Client\Talk;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;

/** Who commissions: how to reach them, what they like, what was said. */
final readonly class KeepClient
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    /** @param  array<string, string>  $said */
    public function __invoke(Person $by, ?Client $client, int $version, array $said): Client
    {
        return $this->recording->keep(function () use ($by, $client, $version, $said): Client {
            self::mustBeKnown($client);
            $same = Client::query()->where('name', $said['name'])->whereKeyNot($client->id ?? 0)->first();
            Refused::ifThere($same !== null, "There is a client “{$said['name']}” already, client {$same?->id}. Say which of them it is: the town or the year of birth behind the name tells them apart.", 'name');
            if ($client === null) {
                $new = Client::query()->create($said)->refresh();
                $this->recording->log(null, $by, 'client', "New client: {$new->name}.");

                return $new;
            }
            Refused::ifStale($client->version, $version, "What is known of {$client->name}");
            $client->fill($said);
            if ($client->isDirty()) {
                $client->fill(['version' => $client->version + 1])->save();
                $this->recording->log(null, $by, 'client', "What is known of {$client->name} was changed.");
            }

            return $client;
        });
    }

    /** Something was said; what was said is only added to. */
    public function talked(Person $by, Client $client, string $text): void
    {
        $this->recording->keep(function () use ($by, $client, $text): void {
            self::mustBeKnown($client);
            Talk::query()->create(['client_id' => $client->id, 'person_id' => $by->id, 'at' => $this->clock->now(), 'text' => $text]);
            $this->recording->log(null, $by, 'client', "Talked with {$client->name}; what was said stands with them.");
        });
    }

    public static function mustBeKnown(?Client $client): void
    {
        if ($client?->forgotten_at !== null) {
            throw Refused::because("Client {$client->id} was deleted on request; nothing is written down about them any more.");
        }
        if ($client?->joined_id !== null) {
            throw Refused::because("Client {$client->id} was joined with client {$client->joined_id}. Nothing was changed.");
        }
    }
}
