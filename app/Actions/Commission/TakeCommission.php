<?php

declare(strict_types=1);

namespace App\Actions\Commission;

use App\Actions\Money\PaymentPlans;
use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Client\Client;
use App\Models\People\Person;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Instrument\Reading\SpecificationReader;

/** A commission becomes a build with specification revision 1, route, kit and plan, all at once or not at all. */
final readonly class TakeCommission
{
    public function __construct(
        private Recording $recording,
        private Revisions $revisions,
        private Drafting $drafting,
        private RouteSync $sync,
        private PaymentPlans $payments,
        private Clock $clock,
    ) {
    }

    public function __invoke(?Person $by, Commission $commission): Build
    {
        return $this->recording->keep(function () use ($by, $commission): Build {
            Refused::ifThere(
                $commission->number !== null && Build::query()->where('number', $commission->number)->exists(),
                'There is a build of that number already.', 'number',
            );
            $house = $commission->house ?? $this->revisions->house($commission->specification, $commission->model);
            $draft = $this->drafting->draft(SpecificationReader::read($commission->specification, $house)->orFail());
            $build = $this->createBuild($commission, $draft, Revisions::modelName($commission->specification, $house, $commission->model));
            $build->revisions()->create(
                [
                    'number' => 1, 'client' => $commission->specification, 'house' => $house, 'person_id' => $by?->id,
                    'at' => $this->clock->now(),
                ],
            );
            $this->payments->begin($build);
            $this->sync->apply($build, $draft);
            $this->recording->log($build, $by, 'commission', $this->summary($build, $commission));
            $this->recording->planAnew("new build {$build->name()}");

            return $build;
        });
    }

    private function createBuild(Commission $commission, Draft $draft, string $model): Build
    {
        $client = $this->client($commission);

        return Build::query()->create([
            'number' => $commission->number ?? Build::nextNumber(),
            'title' => $commission->title,
            'model' => $model,
            'client_id' => $client?->id,
            'purpose' => $commission->purpose,
            'status' => BuildStatus::Open,
            'price_minor' => $commission->price?->minor,
            'deposit_minor' => $commission->deposit?->minor,
            'promised_on' => $commission->promisedOn,
            'promise_kind' => $commission->promise,
            'estimated_minutes' => $draft->route->work()->minutes,
            'estimated_labour_minor' => $draft->quote->labour->minor,
            'estimated_material_minor' => $draft->quote->material->minor,
            'ordered_at' => $this->clock->now(),
        ]);
    }

    private function client(Commission $commission): ?Client
    {
        if ($commission->client === '') {
            return null;
        }
        $field = filter_var($commission->contact, FILTER_VALIDATE_EMAIL) === false ? 'contact' : 'email';
        $client = Client::query()->firstOrCreate(['name' => $commission->client], [$field => $commission->contact]);
        Refused::ifThere(
            $client->forgotten_at !== null || $client->joined_id !== null,
            'A client of that name was deleted on request, and the name stays for the papers only. Write something behind it that tells them apart, like the town.', 'client',
        );
        if (! $client->wasRecentlyCreated && $client->getAttribute($field) === '' && $commission->contact !== '') {
            $client->update([$field => $commission->contact, 'version' => $client->version + 1]);
        }

        return $client;
    }

    private function summary(Build $build, Commission $commission): string
    {
        $parts = [$commission->client === '' ? 'Begun for stock' : "Commissioned by {$commission->client}"];
        if ($commission->promisedOn !== null) {
            $parts[] = 'promised for '.Say::day($commission->promisedOn);
        }
        if ($commission->price !== null) {
            $parts[] = "price {$commission->price}";
        }
        $parts[] = 'specification revision 1, '.Say::duration($build->estimated_minutes).' estimated';

        return implode(', ', $parts).'.';
    }
}
