<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Plan\Changes\Choices;
use App\Actions\Recording;
use App\Devices\ClimateSensor;
use App\Devices\LabelPrinter;
use App\Devices\SimulatedLabelPrinter;
use App\Devices\SimulatedSensor;
use App\Models\People\Person;
use App\Planning\House\FurnishOpenShop;
use App\Planning\House\House;
use App\Planning\Parts\NeededDays;
use App\Planning\Parts\Reserved;
use App\Planning\Parts\Usage;
use App\Planning\Plan\ShopDatabase;
use App\Planning\Problem\Air;
use App\Planning\Problem\AwayWork;
use App\Planning\Problem\LeadTimes;
use App\Planning\Problem\PaymentWaits;
use App\Planning\Problem\TimberWaits;
use App\Planning\Route\HeldPlaces;
use App\Queries\Build\OpenBuilds;
use App\Queries\Forecast\OpenChances;
use App\Queries\House\ResourceNames;
use App\Support\ClientNames;
use App\Support\Clock;
use App\Support\OneWorker;
use App\Support\WaitingConnection;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\NoPendingMigrations;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Queue\Events\WorkerStarting;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Clock::class, static fn (): Clock => Clock::from(config('regimen.now')));
        $this->app->bind(ClimateSensor::class, SimulatedSensor::class);
        $this->app->bind(LabelPrinter::class, SimulatedLabelPrinter::class);
        $this->app->scoped(House::class);
        $this->app->scoped(ClientNames::class);
        $this->app->scoped(Air::class);
        $this->app->scoped(LeadTimes::class);
        $this->app->scoped(TimberWaits::class);
        $this->app->scoped(PaymentWaits::class);
        $this->app->scoped(AwayWork::class);
        $this->app->scoped(HeldPlaces::class);
        $this->app->scoped(NeededDays::class);
        $this->app->scoped(Usage::class);
        $this->app->scoped(Reserved::class);
        $this->app->scoped(ShopDatabase::class);
        $this->app->scoped(Recording::class);
        $this->app->scoped(Choices::class);
        $this->app->scoped(OpenBuilds::class);
        $this->app->scoped(OpenChances::class);
        $this->app->scoped(ResourceNames::class);
        Connection::resolverFor(
            'sqlite',
            static fn (mixed ...$arguments): WaitingConnection => new WaitingConnection(...$arguments),
        );
    }

    public function boot(): void
    {
        // Only a proxy that is named is believed what it says of the address it stands before.
        TrustProxies::at(array_values(array_filter(array_map(trim(...), explode(',', (string) config('regimen.proxies'))))));
        Gate::define('manage', static fn (Person $person): bool => $person->isManager());
        Event::listen([MigrationsEnded::class, NoPendingMigrations::class], FurnishOpenShop::class);
        Event::listen(WorkerStarting::class, OneWorker::class);
        Model::preventLazyLoading(! $this->app->isProduction());
        Model::preventSilentlyDiscardingAttributes();
    }
}
