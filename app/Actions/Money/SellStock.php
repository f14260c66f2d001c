<?php

declare(strict_types=1);

namespace App\Actions\Money;

use App\Actions\Clients\KeepClient;
use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Client\Client;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Refused;
use Regimen\Units\Money;

/** What was built for stock finds somebody: from then on it has a client, a price and parts in which it is paid. */
final readonly class SellStock
{
    public function __construct(private Recording $recording, private PaymentPlans $plans, private House $house)
    {
    }

    public function __invoke(Person $by, Build $build, int $version, Client $client, Money $price): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $client, $price): void {
            Refused::ifStale($build->version, $version, $build->name());
            if ($build->client_id !== null) {
                throw Refused::because("{$build->name()} has a client already.", 'client');
            }
            if (! in_array($build->status, [BuildStatus::Open, BuildStatus::Finished], true)) {
                throw Refused::because("{$build->name()} is not there to be sold.", 'client');
            }
            KeepClient::mustBeKnown($client);
            $build->update(['client_id' => $client->id, 'price_minor' => $price->minor, 'deposit_minor' => null, 'version' => $build->version + 1]);
            $this->plans->begin($build);
            $this->recording->log($build, $by, 'money', "Sold to {$client->name} for {$this->house->money($price->minor)}.");
        });
    }
}
