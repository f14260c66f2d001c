<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\Commission\Commission;
use App\Actions\Commission\TakeCommission;
use App\Actions\House\OpenShop;
use App\Actions\Specification\ReleaseSpecification;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Build\Purpose;
use App\Models\People\Person;
use App\Models\People\Role;
use App\Support\Clock;
use Illuminate\Foundation\Testing\LazilyRefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Testing\TestResponse;
use Regimen\Route\OperationState;
use Regimen\Units\Money;

/** A shop with a manager and one maker, on Wednesday 18 March 2026 at 9:12 in its zone. */
abstract class TestCase extends FrameworkTestCase
{
    use LazilyRefreshDatabase;

    protected const SPECIFICATION = [
        'type' => 'guitar', 'strings' => '6', 'hand' => 'right', 'scale' => '25 1/2"', 'frets' => '22',
        'nutWidth' => '43', 'boardLength' => '',
        'joint' => 'bolt-on', 'body' => 'solid', 'neckTimber' => 'sugar maple', 'boardTimber' => 'Indian rosewood',
        'layers' => [['timber' => 'red alder', 'thickness' => '1 3/4"']],
        'finish' => 'wiping-oil', 'colour' => '',
        'pickups' => [['place' => 'neck', 'kind' => 'humbucker'], ['place' => 'bridge', 'kind' => 'humbucker']],
        'electronics' => 'volume, tone', 'wishes' => 'light',
    ];

    protected Person $manager;

    protected Person $maker;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** Each request reads the shop again, as it does when it is served. */
    public function call(
        $method,
        $uri,
        $parameters = [],
        $cookies = [],
        $files = [],
        $server = [],
        $content = null,
    ): TestResponse {
        app()->forgetScopedInstances();

        return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
    }

    protected function openShop(): void
    {
        $this->manager = app(OpenShop::class)(
            'Test shop', 'EUR', 'Europe/Berlin', 'Ines', 'ines@example.org', 'a long password',
        );
        $this->maker = Person::query()->create(
            [
                'name' => 'Tobias', 'email' => 'tobias@example.org', 'password' => 'a long password',
                'role' => Role::Maker, 'skills' => ['bodies', 'necks'], 'rate_minor' => 3000,
            ],
        );
        $this->maker->refresh();
    }

    /** @param  array<string, mixed>  $specification */
    protected function build(array $specification = [], string $promise = '2026-07-31'): Build
    {
        $build = $this->commission($specification, $promise);
        app(ReleaseSpecification::class)($this->manager, $build, 1);

        return $build;
    }

    /**
     * A build whose specification is not released yet.
     *
     * @param  array<string, mixed>  $specification
     */
    protected function commission(array $specification = [], string $promise = '2026-07-31'): Build
    {
        return app(TakeCommission::class)($this->manager, new Commission(
            Purpose::Commission, 'Fennimore', 'Clara Fennimore', '', [...self::SPECIFICATION, ...$specification],
            Money::ofMinor(500_000, 'EUR'), null, $promise,
        ));
    }

    protected function operation(Build $build, string $key): Operation
    {
        return Operation::query()->where('build_id', $build->id)->where('key', $key)->firstOrFail();
    }

    /** Marks operations as done, without hours, so that later ones can begin. */
    protected function finished(Build $build, string ...$keys): void
    {
        Operation::query()
            ->where('build_id', $build->id)
            ->whereIn('key', $keys)
            ->update(
                [
                    'state' => OperationState::Done->value, 'started_at' => '2026-03-16 08:00:00',
                    'labour_done_at' => '2026-03-16 09:00:00',
                ],
            );
    }

    /** As if what it ends with had been read and found inside. */
    protected function gateClosed(Operation $operation): Operation
    {
        $operation->update(['gate_closed_at' => app(Clock::class)->now()]);

        return $operation;
    }

    protected function at(string $local): void
    {
        app()->instance(
            Clock::class,
            Clock::from((new \DateTimeImmutable($local, new \DateTimeZone('Europe/Berlin')))->format(DATE_ATOM)),
        );
        app()->forgetScopedInstances();
    }
}
