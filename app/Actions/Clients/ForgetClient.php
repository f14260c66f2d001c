<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Backups\Forgotten;
use App\Models\Build\Build;
use App\Models\Client\Client;
use App\Models\People\Person;
use App\Planning\Clients\Forgetting;
use App\Support\Audit;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;

/** Deletes what is known of a client, on their request. */
final readonly class ForgetClient
{
    public function __construct(private Recording $recording, private Forgetting $forgetting, private Forgotten $forgotten, private Audit $audit, private Clock $clock)
    {
    }

    /** @return string what stays, in words; empty where nothing does */
    public function __invoke(Person $by, Client $client, int $version): string
    {
        [$name, $now] = [$client->name, $this->clock->now()];
        $stays = $this->recording->keep(function () use ($by, $client, $version, $now): string {
            KeepClient::mustBeKnown($client);
            Refused::ifStale($client->version, $version, "What is known of {$client->name}");
            $open = Build::query()->open()->where('client_id', $client->id)->orderBy('number')->pluck('number')->all();
            if ($open !== []) {
                throw Refused::because((count($open) === 1 ? "No. {$open[0]} is" : 'No. '.implode(', ', $open).' are').' in the making for them. Hand over or call off first; then they can be deleted.', 'forget');
            }
            $this->forgetting->forget($client, $now);
            $stays = $client->kept_until === null ? '' : 'Name and address stay until '.Say::dayAndYear($client->kept_until).' for the papers of what was sold, and are emptied then.';
            $this->recording->log(null, $by, 'client', trim("Client {$client->id} was deleted on request. {$stays}"));
            $this->audit->write('client', trim("Client {$client->id} was deleted on request. {$stays}"), $by);

            return $stays;
        });
        $this->forgotten->add($client, $name, $now);

        return $stays;
    }
}
