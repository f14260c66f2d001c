<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Recording;
use App\Models\Client\Client;
use App\Models\Client\Enquiry;
use App\Models\Client\Quote;
use App\Models\Client\Sketch;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Units\Money;

/** What somebody would like, as they said it, and the sketches that are made of it. */
final readonly class KeepEnquiry
{
    /** More sketches of one wish nobody compares. */
    private const MOST_SKETCHES = 6;

    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function ask(Person $by, Client $client, string $wishes, ?Money $budget, ?string $wantedBy): Enquiry
    {
        return $this->recording->keep(function () use ($by, $client, $wishes, $budget, $wantedBy): Enquiry {
            KeepClient::mustBeKnown($client);
            $this->recording->log(null, $by, 'client', "{$client->name} asks for an instrument.");

            return Enquiry::query()->create([
                'client_id' => $client->id, 'person_id' => $by->id, 'at' => $this->clock->now(), 'wishes' => $wishes, 'budget_minor' => $budget?->minor, 'wanted_by' => $wantedBy,
            ])->refresh();
        });
    }

    public function change(Enquiry $enquiry, int $version, string $wishes, ?Money $budget, ?string $wantedBy): void
    {
        $this->recording->keep(function () use ($enquiry, $version, $wishes, $budget, $wantedBy): void {
            self::mustBeOpen($enquiry);
            Refused::ifStale($enquiry->version, $version, 'The enquiry');
            $enquiry->update(['wishes' => $wishes, 'budget_minor' => $budget?->minor, 'wanted_by' => $wantedBy, 'version' => $enquiry->version + 1]);
        });
    }

    public function close(Person $by, Enquiry $enquiry, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $enquiry, $version, $because): void {
            self::mustBeOpen($enquiry);
            Refused::ifStale($enquiry->version, $version, 'The enquiry');
            $open = Quote::query()->open()->where('enquiry_id', $enquiry->id)->first();
            if ($open !== null) {
                throw Refused::because(ucfirst($open->name()).' is still open. Withdraw it first.', 'because');
            }
            $enquiry->update(['closed_at' => $this->clock->now(), 'closed_because' => $because, 'version' => $enquiry->version + 1]);
            $this->recording->log(null, $by, 'client', "The enquiry of {$enquiry->client->name} is closed: {$because}.");
        });
    }

    /** @param  array<string, mixed>  $typed */
    public function sketch(Enquiry $enquiry, ?Sketch $sketch, int $version, string $name, ?int $model, array $typed): Sketch
    {
        return $this->recording->keep(function () use ($enquiry, $sketch, $version, $name, $model, $typed): Sketch {
            self::mustBeOpen($enquiry);
            $said = ['name' => $name, 'model_id' => $model, 'typed' => $typed];
            if ($sketch === null) {
                if ($enquiry->sketches()->count() >= self::MOST_SKETCHES) {
                    throw Refused::because('There are '.self::MOST_SKETCHES.' sketches already. Remove one that is out of the question first.', 'name');
                }

                return $enquiry->sketches()->create($said)->refresh();
            }
            Refused::ifStale($sketch->version, $version, "The sketch “{$sketch->name}”");
            $sketch->update([...$said, 'version' => $sketch->version + 1]);

            return $sketch;
        });
    }

    public function drop(Sketch $sketch, int $version): void
    {
        $this->recording->keep(function () use ($sketch, $version): void {
            self::mustBeOpen($sketch->enquiry);
            Refused::ifStale($sketch->version, $version, "The sketch “{$sketch->name}”");
            $sketch->delete();
        });
    }

    public static function mustBeOpen(Enquiry $enquiry): void
    {
        if ($enquiry->closed_at !== null) {
            throw Refused::because("This enquiry is closed: {$enquiry->closed_because}. Begin another one with the client.");
        }
    }
}
